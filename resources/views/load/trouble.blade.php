@extends('layouts.house')
@section('title', 'Load')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Load</h1><a class="button plain" href="/load/hours">Hours</a></div>
    <p class="line out mt-4">▲ {{ $why }}</p>
</main></div>
@endsection
