@if($view->boreSetup === null)
    <span>No gauge stated yet.</span>
@else
    <span>Gauge <b>{{ $view->boreSetup->gauge }}</b></span>
    @if($view->boreSetup->zero !== null)<span>Zero <b class="num">{{ $view->boreSetup->zero }}</b></span>@else<span>shows sizes</span>@endif
    <span>Unit <b>{{ $view->boreSetup->unit }}</b></span>
    <span>{{ $view->boreSetup->conditions }}</span>
@endif
@can('measure')<button type="button" data-open-setup><kbd>z</kbd> change</button>
<button type="button" data-open-keys aria-label="Keys of this page"><kbd>?</kbd></button>@endcan
