@if($view->boreSetup === null)
    <span>No gauge stated yet.</span>
@else
    <span
        data-setup-of="bore" data-sizes="{{ $view->boreSetup->showsSizes ? 'yes' : 'no' }}"
        data-stated="{{ $view->boreSetup->asStated }}">Gauge <b>{{ $view->boreSetup->gauge }}</b></span>
    @if($view->boreSetup->zero !== null)<span>Zero <b class="num">{{ $view->boreSetup->zero }}</b></span>@else<span>shows sizes</span>@endif
    <span>Unit <b>{{ $view->boreSetup->unit }}</b></span>
    <span>{{ $view->boreSetup->conditions }}</span>
    @if($view->boreSetup->calibration !== '')<span class="warn font-bold">◆ {{ $view->boreSetup->calibration }}</span>@endif
    @if($view->boreSetup->fitness !== '')<span class="fitness {{ $view->boreSetup->fitness }}">◆ {{ $view->boreSetup->fitnessWords }}
            <span class="rule-id">GAUGE-9</span></span>@endif
    <span
        class="{{
            ['out' => 'bad font-bold', 'close' => 'warn font-bold', 'good' => 'ok']
            [$view->boreSetup->checkState->value] ?? 'soft' }}">
            {{ $view->boreSetup->checkState->sign() }}
        {{ $view->boreSetup->check }}</span>
@endif
@if($view->pistonSetup !== null)<span
        class="one-setup" data-setup-of="piston" data-sizes="{{ $view->pistonSetup->showsSizes ? 'yes' : 'no' }}"
        data-stated="{{ $view->pistonSetup->asStated }}">pistons <b>{{ $view->pistonSetup->gauge }}</b>
        <span
            class="{{
                ['out' => 'bad font-bold', 'close' => 'warn font-bold', 'good' => 'ok']
                [$view->pistonSetup->checkState->value] ?? 'soft' }}">
                {{ $view->pistonSetup->checkState->sign() }}
            {{ $view->pistonSetup->check }}</span></span>@endif
@if($mayMeasure)<button type="button" data-open-setup><kbd>z</kbd> change</button>
@if($view->boreSetup !== null)@if($view->boreSetup->needsSize)<button type="button" data-open-size><kbd>s</kbd> size of the zero</button>
@endif<button type="button" data-open-check><kbd>b</kbd> check back</button>
@endif<button type="button" data-open-keys aria-label="Keys of this page"><kbd>?</kbd></button>@endif
