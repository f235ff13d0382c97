@extends('layouts.house')
@section('title', $view->name)
@section('body')
<div class="page wide practice-desk"><main class="sheet practice" id="sheet" data-practice>
    <div class="head">
        <h1>{{ $view->name }}</h1>
        <span>{{ __('practice.level.'.$view->level->value) }} · {{ $view->inARow }} right in a row</span>
        <a class="button plain" href="/practice">All of practice</a></div>
    <svg
        class="instrument {{ $view->picture->shape() }}" viewBox="0 0 {{ $view->picture->width }} {{ $view->picture->height }}" role="img"
        aria-labelledby="drawn">
        <desc id="drawn">{{ $view->description }}</desc>
        @include('practice.picture', ['picture' => $view->picture])
    </svg>
    @if($view->isRight === null)
    <form method="post" action="/practice/read/{{ $view->slug }}" class="practice-answer">@csrf<x-ulid />
        <input type="hidden" name="spot" value="{{ $view->exercise->spot->value }}">
        <input type="hidden" name="seed" value="{{ $view->exercise->seed }}">
        <input type="hidden" name="milliseconds" value="" data-milliseconds>
        <label for="answer">{{ $view->how }}</label>
        <input
            id="answer" name="answer" value="{{ old('answer') }}" class="num" maxlength="40" autocomplete="off" inputmode="text" autofocus
            required>
        <button class="button">It shows that</button>
        @foreach(['answer', 'spot', 'seed'] as $field)<x-field-error :name="$field" />@endforeach
    </form>
    @if($view->level === \NorthLedger\Core\Practice\Level::Guided)
    <details class="practice-steps" data-steps><summary>What to look at, one after the other</summary>
        <ol>@foreach($view->steps as $step)<li data-lights="{{ $step['kind'] }}" tabindex="0">{{ $step['says'] }}</li>@endforeach</ol>
    </details>
    @endif
    @else
    <section class="practice-verdict {{ $view->isRight ? 'right' : 'wrong' }}" role="status">
        <p class="said"><b>{{ $view->isRight ? '✓' : '✕' }} {{ $view->verdict }}</b></p>
        <p>You typed <b class="num">{{ $view->typed }}</b>; it shows <b class="num big">{{ $view->shows }}</b>
            @if($view->seconds !== '')<span class="soft"> · {{ $view->seconds }}</span>@endif</p>
        <ol class="practice-steps" data-steps>
        @foreach($view->steps as $step)
            <li data-lights="{{ $step['kind'] }}" tabindex="0">{{ $step['says'] }} <b class="num">{{ $step['amount'] }}</b></li>
        @endforeach
        </ol>
        <p><a class="button" href="/practice/read/{{ $view->slug }}" data-next autofocus>Next one</a></p>
    </section>
    @endif
</main></div>
@endsection
