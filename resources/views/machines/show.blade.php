@extends('layouts.house')
@section('title', 'At a machine: '.$view->name)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>At the {{ $view->name }}</h1><a class="button plain" href="/load">Load</a></div>
    <div data-fresh="/machines/{{ $view->code }}/now">@include('machines.lines')</div>
</main></div>
@endsection
