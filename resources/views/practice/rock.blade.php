@extends('layouts.house')
@section('title', __('practice.rocking'))
@section('body')
<div class="page wide practice-desk"><main class="sheet practice" id="sheet" data-practice>
    <div class="head"><h1>{{ __('practice.rocking') }}</h1><a class="button plain" href="/practice">All of practice</a></div>
    <svg class="instrument {{ $view->picture->shape() }}" viewBox="0 0 {{ $view->picture->width }} {{ $view->picture->height }}" role="img"
        aria-label="A dial bore gauge in a bore">
        @include('practice.picture', ['picture' => $view->picture])
        <g transform="translate({{ $view->centre }} {{ $view->centre }})">
            <g data-hand transform="rotate({{ $view->first }})"><path d="M0 30V-154" class="hand" /></g>
        </g>
    </svg>
    <p class="rocking"><label for="tilt">{{ __('practice.rock.tilt') }}</label>
        <input id="tilt" type="range" min="-{{ $view->most }}" max="{{ $view->most }}" value="-{{ $view->most }}" step="1"
            data-angles="{{ json_encode($view->angles) }}" @if($view->isRight === null) autofocus @endif></p>
    @if($view->isRight === null)
    <p class="soft">{{ __('practice.rock.how') }}</p>
    <form method="post" action="/practice/rocking" class="practice-answer">@csrf<x-ulid />
        <input type="hidden" name="seed" value="{{ $view->seed }}">
        <input type="hidden" name="milliseconds" value="" data-milliseconds>
        <label for="answer">{{ __('practice.type.deviation_in') }}</label>
        <input id="answer" name="answer" value="{{ old('answer') }}" class="num" maxlength="40" autocomplete="off" required>
        <button class="button">It shows that</button><x-field-error name="answer" /><x-field-error name="seed" />
    </form>
    @else
    <section class="practice-verdict {{ $view->isRight ? 'right' : 'wrong' }}" role="status">
        <p class="said"><b>{{ $view->isRight ? '✓' : '✕' }} {{ $view->verdict }}</b></p>
        <p>You typed <b class="num">{{ $view->typed }}</b>; at its turning point it shows <b class="num big">{{ $view->shows }}</b></p>
        <p>{{ __('practice.rock.after') }}</p>
        <p><a class="button" href="/practice/rocking" data-next>Next one</a></p>
    </section>
    @endif
</main></div>
@endsection
