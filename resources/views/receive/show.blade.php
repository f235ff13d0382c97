@extends('layouts.job', ['stage' => \App\Sheets\Stage::Receive])
@section('title', $file->job->tag().' received')
@section('heading', 'Received')
@section('sheet')
<table class="ledger mt-4">
    <tbody>
    <tr><th scope="row">Customer</th><td>{{ $file->job->customer->name }}</td></tr>
    <tr><th scope="row">Engine</th><td>{{ $file->sheet->name }}, {{ $file->sheet->description }}</td></tr>
    <tr><th scope="row">Serial</th><td class="num">{{ $file->job->serial }}</td></tr>
    <tr><th scope="row">Drives</th><td>{{ $file->job->description ?: 'not said' }}</td></tr>
    <tr><th scope="row">Due</th><td class="num">{{ $file->job->due_on->format('j F Y') }}</td></tr>
    <tr><th scope="row">Wishes</th><td>{{ $file->job->wishes ?: 'none noted' }}</td></tr>
    <tr><th scope="row">Declared size step</th><td>@if($file->job->declaredStep() === null) none; the readings have to show it @else <span class="num">{{ $file->display->step($file->job->declaredStep()) }}</span>, by {{ $file->job->declared_evidence }}@endif</td></tr>
    <tr><th scope="row">Bores, standard</th><td class="num">{{ $file->display->sizeWithUnit($file->sheet->bore->nominal) }}</td></tr>
    <tr><th scope="row">Oversizes offered</th><td class="num">@foreach($file->sheet->bore->oversizes as $step){{ $file->display->step($step) }}&ensp;@endforeach</td></tr>
    </tbody>
</table>
@endsection
@section('margin')
<h2 class="mt-0">Next</h2>
<p class="line next">Read the bores, the worst place first: top, thrust.</p>
<p><a class="button" href="/jobs/{{ $file->job->tag() }}/measure">To the bore sheet</a></p>
<h2>Not here yet</h2>
<p class="soft">Parts counted in, photos, claims of earlier work and the printed tag come with the next step of North Ledger.</p>
@endsection
