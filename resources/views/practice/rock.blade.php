@extends('layouts.house')
@section('title', __('practice.rocking'))
@section('body')
<div class="page wide practice-desk"><main class="sheet practice" id="sheet" data-practice>
    <div class="head"><h1>{{ __('practice.rocking') }}</h1><a class="button plain" href="/practice">All of practice</a></div>
    <svg class="instrument square" viewBox="0 0 {{ $view->picture->width }} {{ $view->picture->height }}" role="img" aria-label="A dial bore gauge in a bore">
        @foreach($view->picture->paths as $path)<path d="{{ $path['d'] }}" class="{{ $path['class'] }}" />@endforeach
        @foreach($view->picture->lines as $line)<line x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}" y2="{{ $line['y2'] }}" class="{{ $line['class'] }}" />@endforeach
        @foreach($view->picture->texts as $text)<text x="{{ $text['x'] }}" y="{{ $text['y'] }}" class="{{ $text['class'] }}">{{ $text['text'] }}</text>@endforeach
        <g data-hand data-centre="{{ $view->centre }}" transform="rotate({{ $view->angles[-$view->most] }} {{ $view->centre }} {{ $view->centre }})"><line x1="{{ $view->centre }}" y1="{{ $view->centre + 30 }}" x2="{{ $view->centre }}" y2="{{ $view->centre - 154 }}" class="hand" /></g>
    </svg>
    <p class="rocking"><label for="tilt">{{ __('practice.rock.tilt') }}</label><input id="tilt" type="range" min="-{{ $view->most }}" max="{{ $view->most }}" value="-{{ $view->most }}" step="1" data-angles="{{ json_encode($view->angles) }}" @if($view->isRight === null) autofocus @endif></p>
    @if($view->isRight === null)
    <p class="soft">{{ __('practice.rock.how') }}</p>
    <form method="post" action="/practice/rocking" class="practice-answer">@csrf<x-ulid /><input type="hidden" name="seed" value="{{ $view->seed }}"><input type="hidden" name="milliseconds" value="" data-milliseconds>
        <label for="answer">{{ __('practice.type.deviation') }}</label><input id="answer" name="answer" value="{{ old('answer') }}" class="num" maxlength="40" autocomplete="off" required>
        <button class="button">It shows that</button><x-field-error name="answer" /><x-field-error name="seed" />
    </form>
    @else
    <section class="practice-verdict {{ $view->isRight ? 'right' : 'wrong' }}" role="status"><p class="said"><b>{{ $view->isRight ? '✓' : '✕' }} {{ $view->verdict }}</b></p>
        <p>You typed <b class="num">{{ $view->typed }}</b>; at its turning point it shows <b class="num big">{{ $view->shows }}</b></p>
        <p>{{ __('practice.rock.after') }}</p>
        <p><a class="button" href="/practice/rocking" data-next>Next one</a></p></section>
    @endif
</main></div>
@endsection
