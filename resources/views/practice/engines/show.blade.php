@extends('layouts.house')
@section('title', $view->title)
@section('body')
<div class="page wide practice-desk"><main class="sheet" id="sheet">
    <div class="head"><h1>{{ $view->title }}</h1>
        <span>{{ $view->difficulty }} · {{ __('practice.engine.number', ['seed' => $view->seed]) }}</span></div>
    @if($view->score !== null)
        @include('practice.engines.score', ['score' => $view->score])
    @else
    <p>{{ __('practice.engine.how') }} {{ __('practice.engine.closed') }}</p>
    @if($view->sheets !== '')<p><a class="button" href="{{ $view->sheets }}">{{ __('practice.engine.to_sheets') }}</a></p>@endif
    <form method="post" action="/practice/engines/{{ $view->ulid }}/verdict" class="practice-say">@csrf
        <x-field-error name="parts" />
        <div class="practice-verdicts">
        @foreach($view->parts as $part => $name)
        <fieldset class="setting">
            <legend>{{ $name }}</legend>
            @foreach($view->verdicts as $verdict => $words)<label class="tick"><input
                    type="radio" name="parts[{{ $part }}]" value="{{ $verdict }}" required
                    @checked(old("parts.{$part}") === $verdict)>{{ $words }}</label>@endforeach
        </fieldset>
        @endforeach
        </div>
        <div class="field"><label for="way">{{ __('practice.block.way') }}</label>
            <select id="way" name="way">
                @foreach($view->ways as $way => $words)
                <option value="{{ $way }}" @selected(old('way') === $way)>{{ $words }}</option>
                @endforeach
            </select><x-field-error name="way" /></div>
        <button class="button">{{ __('practice.engine.judge') }}</button>
    </form>
    @endif
</main></div>
@endsection
