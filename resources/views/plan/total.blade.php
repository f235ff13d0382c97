<div data-plan-live="total" role="status">
@if($engine->total !== '')
<p class="plan-total">
    <span class="big-number">{{ $engine->total }}</span>@if($engine->over !== '')<span class="bad">
            {{ $engine->over }} over the budget</span>@endif
</p>
@if(! $engine->isRecommended && ! $engine->isChosen)<p class="soft">As you have picked it; not chosen yet.</p>@endif
<p>
    {{ ucfirst($engine->days) }}, {{ $engine->hours }} hours at machines.@if($engine->ratio !== '') Compression {{ $engine->ratio }}.@endif
</p>
@if($engine->lives !== [])<p class="soft">Further sizes after it: {{ implode(', ', $engine->lives) }}.</p>@endif
@endif
@foreach($engine->obstacles as $obstacle)
    <p class="line out"><i aria-hidden="true">▲</i> {{ $obstacle }}<span class="rule-id">PLAN-2</span></p>
@endforeach
@if($engine->why !== [])
    <h2>Why the recommended plan</h2>
    <p>{{ implode(' ', $engine->why) }}<span class="rule-id">PLAN-3</span></p>
    @if($engine->looked !== '')<p class="soft">{{ $engine->looked }}</p>@endif
@endif
@if($engine->open !== [])<p class="soft">Not known yet: {{ implode(', ', $engine->open) }}. What is found of them comes on top.</p>@endif
</div>
