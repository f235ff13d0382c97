@extends('layouts.house')
@section('title', $view->title)
@section('body')
<div class="page wide practice-desk"><main class="sheet practice-block" id="sheet" data-practice-grid data-at="{{ $view->place->key }}">
    <div class="head"><h1>{{ $view->title }}</h1><a class="button plain" href="/practice">All of practice</a></div>
    @if($view->score !== null)@include('practice.blocks.score', ['score' => $view->score])@endif
    <div class="practice-bench">
        <div class="scroll-x" tabindex="0" role="region" aria-label="Bore readings">@include('sheets.table', ['view' => $view])</div>
        @if($view->score === null)@include('practice.blocks.bench', ['place' => $view->place])@endif
    </div>
</main></div>
@endsection
