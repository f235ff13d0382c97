{{-- The ways side by side: a ledger with a column for each. $ways, $buttons (null, or what each column's button says) --}}
<div class="ways-ledger of-{{ count($ways) }}">
@foreach($ways as $way)
    <section class="way {{ $way->isRecommended() ? 'recommended' : '' }}" aria-label="{{ __('offer.way.'.$way->code) }}">
        <h2>{{ __('offer.way.'.$way->code) }}</h2>
        <dl>
            <div><dt>price</dt><dd class="big-number">{{ $way->price() }}</dd></div>
            <div><dt>ready</dt>
                <dd>@if($way->isDayOpen){{ __('offer.no_day') }}@else<time
                            datetime="{{ $way->readyOn->format('Y-m-d') }}">{{ $way->readyOn->format('j F') }}</time>@endif</dd></div>
            <div><dt>what</dt><dd><b>{{ implode(', ', $way->what) }}</b></dd></div>
            <div><dt>gained</dt><dd class="gained">{{ implode('; ', $way->gained) ?: '–' }}</dd></div>
            <div><dt>given up</dt><dd class="given-up">{{ implode('; ', $way->givenUp) ?: '–' }}</dd></div>
            @if($way->accepts !== [])<div><dt>you accept</dt>
                <dd>@foreach($way->accepts as $one)<p>{{ $one['words'] }}</p>@endforeach
                    <p class="given-up">{{ $way->accepts[0]['worst'] }}</p></dd></div>@endif
        </dl>
        @isset($button)<button class="button {{ $way->isRecommended() ? '' : 'plain' }}" name="way" value="{{ $way->code }}">
                {{ $button }}
            </button>@endisset
    </section>
@endforeach
</div>
