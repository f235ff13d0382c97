@if($engine->targets->fields !== [])
<section class="mt-6" aria-label="Built to something else">
<h2>Built to something else than the sheet</h2>
@foreach($engine->targets->kept as $kept)
    <p class="line close">
        <b>{{ ucfirst($kept['label']) }}: <span class="num">{{ $kept['typed'] }}</span></b> because {{ $kept['reason'] }}
    </p>
@endforeach
@foreach($engine->targets->corners as $corner)<p class="line">{{ $corner }}<span class="rule-id">DECK-6</span></p>@endforeach
@can('choose-plan')
@if(! $file->job->is_closed)
<form method="post" action="plan/targets" class="fields inline-fields">@csrf <x-ulid />
    <div class="field">
        <label for="about">What</label>
        <select id="about" name="about">
            @foreach($engine->targets->fields as $about => $label)
                <option value="{{ $about }}" @selected(old('about') === $about)>{{ $label }}</option>
            @endforeach
        </select>
        <x-field-error name="about" />
    </div>
    <div class="field">
        <label for="wanted">Wanted</label>
        <input id="wanted" name="wanted" class="num" size="10" value="{{ old('wanted') }}" autocomplete="off">
        <x-field-error name="wanted" />
    </div>
    <div class="field grow">
        <label for="target-reason">Why</label>
        <input id="target-reason" name="reason" value="{{ old('about') ? old('reason') : '' }}" maxlength="200" autocomplete="off">
    </div>
    <p><button class="button plain">Keep it</button></p>
</form>
@endif
@endcan
</section>
@endif
