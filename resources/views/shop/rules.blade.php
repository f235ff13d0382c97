@extends('layouts.house')
@section('title', 'Shop')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>Shop rules</h1>
        <span>policy revision {{ $policy->revision }}</span>
        <a class="button plain" href="/people">People</a>
        <a class="button plain" href="/shop/prices">Price list</a>
        <a class="button plain" href="/shop/shelf">Shelf</a>
        <a class="button plain" href="/shop/tablets">{{ __('door.tablets.title') }}</a>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <div class="field setting-search">
        <label for="setting-search">Find a rule</label>
        <input id="setting-search" type="search" data-setting-search autocomplete="off" placeholder="hone stock, torque, BORE-11">
        <span class="soft" data-setting-count role="status"></span>
    </div>
    <form method="post" action="/shop" class="settings mt-3">
        @csrf
        <x-field-error name="policy" />
        @foreach($groups as $group => $settings)
        <section class="setting-group" aria-label="{{ __("policy.groups.{$group}") }}">
            <h2>{{ __("policy.groups.{$group}") }}</h2>
            <div class="setting-columns">
            @foreach($settings as $setting)
            @php($value = (string) old($setting->key, $setting->valueIn($document)))
            @if($setting->options !== [])
            <fieldset class="setting" data-setting="{{ $setting->label }} {{ $setting->rule }} {{ implode(' ', $setting->options) }}">
                <legend>{{ $setting->label }} <span class="rule-id">{{ $setting->rule }}</span></legend>
                @foreach($setting->options as $option => $explanation)<label class="tick"><input
                            type="radio" name="{{ $setting->field() }}" value="{{ $option }}" @checked($value === (string) $option)>
                        <span>@if(! is_int($option)){{ $option }}@if($explanation !== ''): @endif
                            @endif{{ $explanation }}</span></label>@endforeach
                <x-field-error :name="$setting->key" /></fieldset>
            @else
            <div class="setting" data-setting="{{ $setting->label }} {{ $setting->rule }} {{ $setting->changes }}">
                <label for="{{ $setting->id() }}">{{ $setting->label }} <span class="rule-id">{{ $setting->rule }}</span></label>
                <span class="flex items-baseline gap-3"><input
                        id="{{ $setting->id() }}" name="{{ $setting->field() }}" class="num" size="8" inputmode="decimal"
                        value="{{ $value }}" autocomplete="off">
                    <small>{{ $setting->changes }}</small></span>
                <x-field-error :name="$setting->key" /></div>
            @endif
            @endforeach
            </div>
        </section>
        @endforeach
        <div class="mt-4"><button class="button">Save as a new revision</button></div>
    </form>
    <h2>Revisions</h2>
    @if($history->revisions === [])<p class="soft">The rules stand as they ship.</p>@endif
    @foreach($history->revisions as $revision)
    <p class="line">
        <b>Revision {{ $revision['number'] }}</b>, {{ $revision['who'] }}, {{ $revision['at'] }}
        <br>
        @foreach($revision['changes'] as $change)<span class="num">{{ $change }}</span><br>@endforeach
    </p>
    @endforeach
</main></div>
@endsection
