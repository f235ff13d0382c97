@extends('layouts.house')
@section('title', \App\Words\Line::ofCode('practice.question', $question->kind))
@section('body')
@php($label = static fn (string $choice): string => is_numeric($choice) ? __('practice.minutes', ['minutes' => $choice]) : __('practice.choice.'.$choice))
<div class="page wide practice-desk"><main class="sheet practice" id="sheet">
    <div class="head"><h1>{{ \App\Words\Line::ofCode('practice.question', $question->kind) }}</h1><a class="button plain" href="/practice">All of practice</a></div>
    <p class="practice-case">{{ \App\Words\Line::ofCode('practice.case', $question->kind, $question->facts) }}</p>
    @if($answered === null)
    <form method="post" action="/practice/method/{{ str_replace(' ', '-', $question->kind->value) }}" class="practice-choices">@csrf<x-ulid /><input type="hidden" name="seed" value="{{ $question->seed }}">
        @foreach($question->choices as $choice)<button class="button plain" name="choice" value="{{ $choice }}">{{ $label($choice) }}</button>@endforeach
        <x-field-error name="choice" />
    </form>
    @else
    <section class="practice-verdict {{ $answered->isRight() ? 'right' : 'wrong' }}" role="status"><p class="said"><b>{{ $answered->isRight() ? '✓ '.__('practice.was_right') : '✕ '.__('practice.was_wrong') }}</b></p>
        <p>You said: {{ $label($answered->typed) }}.</p>
        <p>{{ \App\Words\Line::ofCode('practice.answer', $question->kind, ['right' => $label($question->right)] + $question->facts + ['because' => '']) }}</p>
        <p><a class="button" href="/practice/method/{{ str_replace(' ', '-', $question->kind->value) }}" autofocus>Next one</a></p></section>
    @endif
</main></div>
@endsection
