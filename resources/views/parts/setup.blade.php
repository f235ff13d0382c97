@foreach($setups as $setup)
<span
    class="one-setup" data-setup-of="{{ $setup->feature }}" data-shown-at="{{ $setup->shownAt() }}"
    data-sizes="{{ $setup->showsSizes ? 'yes' : 'no' }}"
    data-stated="{{ $setup->asStated }}"><span class="soft">{{ $setup->for }}</span>
<b>{{ $setup->gauge }}</b>@if($setup->zero !== null && $setup->readsSizes) zero <b class="num">{{ $setup->zero }}</b>@endif
@if($setup->conditions !== 'no conditions stated') <span>{{ $setup->conditions }}</span>@endif
@if($setup->calibration !== '') <span class="warn font-bold">◆ {{ $setup->calibration }}</span>@endif
    @if($setup->fitness !== '') <span class="fitness {{ $setup->fitness }}">◆ {{ $setup->fitnessWords }}
            <span class="rule-id">GAUGE-9</span></span>@endif
    @if($setup->check !== '') <span
            class="{{ ['out' => 'bad font-bold', 'close' => 'warn font-bold', 'good' => 'ok'][$setup->checkState->value] ?? 'soft' }}">
                {{ $setup->checkState->sign() }}
            {{ $setup->check }}</span>@endif</span>
@endforeach
@if($features !== [])<span class="no-setup">{{ \App\Pages\GaugedFeature::unstated($features) }}</span>@endif
@if(auth()->user()->can('measure'))@if($features !== [])<button type="button" data-open-setup><kbd>z</kbd> change</button>@endif
@if(array_filter($setups, fn ($setup) => $setup->check !== '') !== [])<button type="button" data-open-check><kbd>b</kbd> check back</button>
@endif<button type="button" data-open-keys aria-label="Keys of this page"><kbd>?</kbd></button>@endif
