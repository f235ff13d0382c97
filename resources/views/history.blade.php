@extends('layouts.job', ['stage' => null])
@section('title', $file->job->tag().' history')
@section('heading', 'History')
@section('sheet')
<div class="scroll-x" tabindex="0" role="region" aria-label="Entries of the history"><table class="ledger mt-3">
    <thead>
        <tr>
            <th scope="col">No.</th>
            <th scope="col">What</th>
            <th scope="col">Said</th>
            <th scope="col">Who</th>
            <th scope="col">When, UTC</th>
            <th scope="col" class="less">Mark</th>
        </tr>
    </thead>
    <tbody>
        @foreach($lines as $line)
            <tr>
                <td class="num">{{ $line->number }}</td>
                <td>{{ $line->kind }}</td>
                <td>{{ $line->what }}</td>
                <td>{{ $line->who }}</td>
                <td class="num">{{ str_replace('T', ' ', $line->when) }}</td>
                <td class="num soft less">{{ $line->hash }}</td>
            </tr>
        @endforeach
    </tbody>
</table></div>
<nav class="pager" aria-label="Pages">
    @if($page->previousPageUrl())<a class="button plain" href="{{ $page->previousPageUrl() }}">Newer</a>@endif
    @if($page->nextPageUrl())<a class="button plain" href="{{ $page->nextPageUrl() }}">Older</a>@endif
</nav>
@endsection
@section('margin')
@if($complaint === null)<x-stamp
        :stamp="new \App\Pages\Stamp('Chain whole', 'every entry follows from the one before', 'good')" />@else<x-stamp
        :stamp="new \App\Pages\Stamp('Chain broken', $complaint, 'out')" />@endif
<h2>What this is</h2>
<p>Every entry of the job, numbered. Each carries a mark made from itself and the entry before, so a changed record shows.</p>
@endsection
