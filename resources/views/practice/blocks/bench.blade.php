<aside class="practice-gauge" aria-label="At the block">
    <form method="post" action="/practice/blocks/{{ $view->ulid }}/readings" class="practice-answer">
        @csrf <x-ulid /><input type="hidden" name="place" value="{{ $place->key }}">
        <h2>{{ $place->words }}</h2>
        @if($place->dial !== null)
        <svg
            class="instrument {{ $place->dial->shape() }}" viewBox="0 0 {{ $place->dial->width }} {{ $place->dial->height }}" role="img"
            aria-label="{{ __('practice.block.gauge') }}">
            @include('practice.picture', ['picture' => $place->dial])
            <g transform="translate({{ $place->dial->width / 2 }} {{ $place->dial->height / 2 }})">
                <g transform="rotate({{ $place->hand }})"><path d="M0 30V-154" class="hand" /></g>
            </g>
        </svg>
        @else
        <p class="practice-case">{{ $place->feels }}</p>
        @endif
        <label for="text">{{ $place->keys }}</label>
        <input id="text" name="text" value="{{ old('text') }}" class="num" maxlength="40" autocomplete="off" required autofocus>
        <button class="button">Write it</button>
        @foreach(['text', 'place', 'ulid'] as $field)<x-field-error :name="$field" />@endforeach
    </form>
    <p class="soft">{{ trans_choice('practice.block.taken', $view->taken) }} {{ $view->check }}
        @if($view->suspects > 0)<b class="bad">{{ trans_choice('practice.block.suspects', $view->suspects) }}</b>@endif</p>
    <div class="flex flex-wrap gap-3">
        @foreach(['checks' => 'to_master', 'zeros' => 'set_zero'] as $path => $does)
        <form method="post" action="/practice/blocks/{{ $view->ulid }}/{{ $path }}">@csrf<x-ulid />
            <input type="hidden" name="place" value="{{ $place->key }}">
            <button class="button plain">{{ __("practice.block.{$does}") }}</button></form>
        @endforeach
    </div>
    <h2>Limits</h2>
    <ul class="soft">@foreach([...$view->limits, __('practice.block.pistons')] as $limit)<li>{{ $limit }}</li>@endforeach</ul>
    <form method="post" action="/practice/blocks/{{ $view->ulid }}/verdict" class="fields practice-say">@csrf
        <fieldset class="field"><legend class="label">{{ __('practice.block.stay') }}</legend>
            @foreach(['yes' => 'It can stay', 'no' => 'It cannot'] as $value => $says)
                <label class="tick"><input type="radio" name="can_stay" value="{{ $value }}" required
                    @checked(old('can_stay') === $value)>{{ $says }}</label>
            @endforeach
            <x-field-error name="can_stay" />
        </fieldset>
        <div class="field"><label for="way">{{ __('practice.block.way') }}</label>
            <select id="way" name="way" required>
                <option value=""></option>
                @foreach($view->ways as $key => $way)
                    <option value="{{ $key }}" @selected(old('way') === $key)>{{ $way }}</option>
                @endforeach
            </select><x-field-error name="way" /></div>
        <button class="button">{{ __('practice.block.judge') }}</button>
    </form>
</aside>
