@extends('layouts.job', ['stage' => \App\Sheets\Stage::Clean])
@section('title', $file->job->tag().' Clean and pre-check')
@section('heading', 'Clean and pre-check')
@section('sheet')
<p class="note mt-4">This page will hold the checklist made from the family and its materials: wash method, gallery plugs, threads, caps in their registers, signs of overheating, and the bore-by-bore strip for ridge and scoring.</p>
<p class="note">Until then key ridge, scoring and pitting into the bore sheet; the verdict uses them from there. A caustic tank is for iron only: never aluminium or magnesium.</p>
@endsection
@section('margin')
<div class="stamp missing"><b aria-hidden="true">○</b>Not checked<small>nothing is recorded at this stage yet</small></div>
<h2>Next</h2>
<p class="line next"><a href="/jobs/{{ $file->job->tag() }}/measure">Go on to the bore sheet</a></p>
@endsection
