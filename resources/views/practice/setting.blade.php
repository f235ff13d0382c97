@extends('layouts.house')
@section('title', __('practice.setting.title'))
@section('body')
<div class="page wide practice-desk"><main class="sheet practice" id="sheet" data-practice>
    <div class="head">
        <h1>{{ __('practice.setting.title') }}</h1><a class="button plain" href="/practice">All of practice</a>
        @foreach(\NorthLedger\Core\Quantity\LengthUnit::cases() as $unit)
            @if($unit->value !== $view->unit)
                <a class="button plain" href="/practice/setting?unit={{ $unit->value }}">{{ __("practice.setting.in_{$unit->value}") }}</a>
            @endif
        @endforeach
    </div>
    <p class="practice-case">{{ $view->case }}</p>
    @if($view->isRight === null)
    <form method="post" action="/practice/setting" class="practice-setting">@csrf<x-ulid />
        <input type="hidden" name="seed" value="{{ $view->seed }}"><input type="hidden" name="unit" value="{{ $view->unit }}">
        <input type="hidden" name="milliseconds" value="" data-milliseconds>
        <div class="flex flex-wrap gap-4">
            @foreach(['extension' => $view->extensions, 'washer' => $view->washers] as $part => $choices)
            <div class="field">
                <label for="{{ $part }}">{{ __("practice.setting.{$part}") }}</label>
                <select id="{{ $part }}" name="{{ $part }}" required @if($part === 'extension') autofocus @endif>
                    <option value=""></option>
                    @foreach($choices as $value => $words)
                        <option value="{{ $value }}" @selected((string) old($part) === (string) $value)>{{ $words }}</option>
                    @endforeach
                </select>
                <x-field-error :name="$part" />
            </div>
            @endforeach
        </div>
        <svg viewBox="0 0 430 184" class="micrometer" data-set-micrometer="{{ $view->unit }}" role="img"
            aria-label="{{ __('practice.setting.drawing') }}"></svg>
        <div class="flex flex-wrap gap-4">
            @foreach(array_keys($view->lines) as $scale)
            <div class="field">
                <label for="{{ $scale }}">{{ __("practice.setting.{$scale}") }}</label>
                <input
                    id="{{ $scale }}" name="{{ $scale }}" type="number" min="0" inputmode="numeric" class="num" required
                    value="{{ old($scale, 0) }}">
                <x-field-error :name="$scale" />
            </div>
            @endforeach
        </div>
        <p class="mt-4"><button class="button">{{ __('practice.setting.set') }}</button></p>
        <x-field-error name="seed" />
    </form>
    @else
    <section class="practice-verdict {{ $view->isRight ? 'right' : 'wrong' }}" role="status">
        <p class="said"><b>{{ $view->isRight ? '✓' : '✕' }} {{ $view->verdict }}</b></p>
        <p>{{ $view->right }}</p>
        <p class="soft">{{ __('practice.setting.after') }}</p>
        <p><a class="button" href="/practice/setting?unit={{ $view->unit }}" data-next>Next one</a></p>
    </section>
    @endif
</main></div>
@endsection
