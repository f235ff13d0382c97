@if($view->boreSetup === null)
    <span>No gauge stated yet.</span>
@else
    <span>Gauge <b>{{ $view->boreSetup->gauge }}</b></span>
    @if($view->boreSetup->zero !== null)<span>Zero <b class="num">{{ $view->boreSetup->zero }}</b></span>@else<span data-shows-sizes>shows sizes</span>@endif
    <span>Unit <b>{{ $view->boreSetup->unit }}</b></span>
    <span>{{ $view->boreSetup->conditions }}</span>
    <span class="{{ ['out' => 'bad font-bold', 'close' => 'warn font-bold', 'good' => 'ok'][$view->boreSetup->checkState->value] ?? 'soft' }}">{{ $view->boreSetup->checkState->sign() }} {{ $view->boreSetup->check }}</span>
@endif
@can('measure')<button type="button" data-open-setup><kbd>z</kbd> change</button>
@if($view->boreSetup !== null)<button type="button" data-open-check><kbd>b</kbd> check back</button>
@endif<button type="button" data-open-keys aria-label="Keys of this page"><kbd>?</kbd></button>@endcan
