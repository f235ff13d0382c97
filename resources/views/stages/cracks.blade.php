@extends('layouts.job', ['stage' => \App\Sheets\Stage::Cracks])
@section('title', $file->job->tag().' Crack checks')
@section('heading', 'Crack checks')
@section('sheet')
<p class="note mt-4">This page will hold the crack map of the engine and the guided checks with their timers: dye penetrant, magnetic particle, pressure test.</p>
<p class="note">Until then key what you see in a bore into the last row of the bore sheet. It counts as seen or not seen, never as a crack check, and the certificate says so.</p>
@endsection
@section('margin')
<div class="stamp missing"><b aria-hidden="true">○</b>Not checked<small>nothing is recorded at this stage yet</small></div>
<h2>Next</h2>
<p class="line next"><a href="/jobs/{{ $file->job->tag() }}/measure">Go on to the bore sheet</a></p>
@endsection
