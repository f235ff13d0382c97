@if($view->boreSetup === null)
    <span>No gauge stated yet.</span>
@else
    <span>Gauge <b>{{ $view->boreSetup->gauge }}</b></span>
    @if($view->boreSetup->zero !== null)<span>Zero <b class="num">{{ $view->boreSetup->zero }}</b></span>@else<span>shows sizes</span>@endif
    <span>Unit <b>{{ $view->boreSetup->unit }}</b></span>
    <span>{{ $view->boreSetup->conditions }}</span>
    <span>since {{ $view->boreSetup->stated }}</span>
@endif
@can('measure')<button type="button" data-open-setup><kbd>z</kbd> gauge and zero</button>
<button type="button" data-open-keys><kbd>?</kbd> keys</button>@endcan
