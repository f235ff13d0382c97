@extends('layouts.house')
@section('title', $view->title)
@section('body')
<div class="page wide practice-desk"><main class="sheet practice" id="sheet">
    <div class="head"><h1>{{ $view->title }}</h1><a class="button plain" href="/practice">All of practice</a></div>
    <p class="practice-case">{{ $view->case }}</p>
    @if($view->read !== [])
    <ul class="practice-read">@foreach($view->read as $place => $size)<li>{{ $place }} <b class="num">{{ $size }}</b></li>@endforeach</ul>
    @endif
    @if($view->isRight === null)
    <form method="post" action="{{ $view->address }}" class="practice-choices">@csrf<x-ulid />
        <input type="hidden" name="seed" value="{{ $view->seed }}">
        @foreach($view->choices as $choice => $says)<button class="button plain" name="choice" value="{{ $choice }}">
                {{ $says }}
            </button>@endforeach
        <x-field-error name="choice" />
    </form>
    @else
    <section class="practice-verdict {{ $view->isRight ? 'right' : 'wrong' }}" role="status">
        <p class="said"><b>{{ $view->isRight ? '✓ '.__('practice.was_right') : '✕ '.__('practice.was_wrong') }}</b></p>
        <p>You said: {{ $view->said }}.</p>
        <p>{{ $view->because }}</p>
        <p><a class="button" href="{{ $view->address }}" autofocus>Next one</a></p>
    </section>
    @endif
</main></div>
@endsection
