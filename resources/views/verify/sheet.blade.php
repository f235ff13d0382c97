<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $file->job->tag() }}, {{ lcfirst($part->name) }}</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
<main class="certificate">
    <p class="no-print mb-4 flex gap-3">
        <a class="button plain" href="/jobs/{{ $file->job->tag() }}/verify">Back to the job</a>
        <button type="button" class="button" data-print>Print</button>
    </p>
    <div class="head"><span class="tag">{{ $file->job->tag() }}</span><h1>{{ $part->name }}</h1></div>
    <p>{{ config('app.shop') }}</p>
    <table><tbody>
        <tr>
            <th scope="row">Engine</th>
            <td>
                {{ $file->sheet->name }}, serial
                <span class="num">{{ $file->job->serial }}</span>@if($file->job->description !== ''), {{ $file->job->description }}@endif
            </td>
        </tr>
        <tr><th scope="row">From</th><td>{{ $file->job->customer->name }}</td></tr>
        <tr><th scope="row">Gauges</th><td>{{ implode('; ', $part->gauges) }}</td></tr>
    </tbody></table>
    <x-stamp :stamp="$part->stamp" />
    @if($part->answer !== '')<p><b>{{ $part->answer }}</b></p>@endif
    @include('verify.checked-lines')
    @if($listed !== [])@include('parts.weight-list', ['lines' => $listed, 'from' => $from])@endif
    <p class="soft">
        {{ __('verify.new_limits') }} Sheet revision {{ $file->sheet->revision }}, policy revision {{ $file->policy->revision }}, ledger
        entry {{ $file->job->entries }}.
    </p>
    @foreach($part->photos as $photo)<img
            class="photo" src="/jobs/{{ $file->job->tag() }}/photos/{{ $photo }}.jpg" alt="Photo of job {{ $file->job->tag() }}">@endforeach
</main>
</body>
</html>
