<h3 class="mt-3">Bores</h3>
<p>{{ $judged->verdict }}</p>
@foreach($judged->bores as $bore)
<details class="bore" id="bore-{{ $bore->cylinder }}" @if($bore->stamp->kind === 'out' || count($judged->bores) <= 4) open @endif>
    <summary>
        <h3>Cylinder {{ $bore->cylinder }}</h3>
        <span class="stamp small {{ $bore->stamp->kind }}"><b
                aria-hidden="true">{{ $bore->stamp->sign() }}</b>{{ $bore->stamp->headline }}</span>
        @foreach($bore->facts as $name => $fact)<span class="soft">{{ $name }} <b class="num text-(--ink)">{{ $fact }}</b></span>@endforeach
    </summary>
    @if($bore->remark !== '')<p class="line close my-2">{{ $bore->remark }}</p>@endif
    @foreach($bore->findings as $finding)
        <div class="finding line {{ $finding->state->value }}">
            {{ $finding->sentence }}<span class="rule-id">{{ $finding->rule }} ·
                {{ $finding->outcome }}@if($finding->readings !== []) · rests on {{ implode(' and ', $finding->readings) }}@endif</span>
            @if($finding->concessionKey !== '' && $mayDecide)
                @include('judge.concession', ['key' => $finding->concessionKey, 'words' => $finding->who.', '.$finding->sentence])
            @endif
        </div>
    @endforeach
</details>
@endforeach
