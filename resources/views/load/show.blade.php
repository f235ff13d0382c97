@extends('layouts.house')
@section('title', 'Load')
@section('body')
<div class="page wide"><main class="sheet load" id="sheet" data-load data-may-pin="{{ $mayPin ? '1' : '' }}">
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @foreach(['operation', 'starts'] as $field)<x-field-error :name="$field" />@endforeach
    <div data-load-sheet data-mark="{{ $view->mark }}">@include('load.sheet')</div>
    <p class="load-says" role="status" data-load-says></p>
    <details class="keys">
        <summary>Keys of this page</summary>
        <p>
            Arrows go from bar to bar · <kbd>Enter</kbd> opens the work · <kbd>p</kbd> pins it where it stands, again lets it go ·
            <kbd>Shift</kbd> with <kbd>←</kbd> <kbd>→</kbd> moves it by a quarter of an hour, <kbd>p</kbd> pins it there, <kbd>Esc</kbd>
            puts it back · <kbd>+</kbd> <kbd>-</kbd> day, week, month. A bar can be dragged to another time as well.
        </p>
    </details>
</main></div>
@endsection
