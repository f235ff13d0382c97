<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Tag {{ $file->job->tag() }} · North Ledger</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="tags {{ $isSheet ? 'sheet-of-labels' : 'one-label' }}">
<p class="no-print flex flex-wrap gap-3 p-4">
    <a class="button plain" href="receive">Back to the job</a>
    <button type="button" class="button" data-print>Print</button>
    <a class="button plain" href="?print={{ $isSheet ? 'one' : 'sheet' }}">{{ $isSheet ? 'One label' : 'Sheet of 8' }}</a>
</p>
<main class="labels">
<h1 class="sr-only">Tag of job {{ $file->job->tag() }}</h1>
@foreach($labels as $address)
<section class="label-tag">
    <svg data-qr="{{ $address }}" role="img" aria-label="QR code that opens job {{ $file->job->tag() }}"><path d=""/></svg>
    <div>
        <b class="label-number">{{ $file->job->tag() }}</b><span>{{ $file->sheet->name }}</span><span
            class="num">{{ $file->job->serial }}</span><span>{{ $file->job->customer->name }}</span><span>due
            {{ $file->job->due_on->format('j M Y') }}</span>
    </div>
</section>
@endforeach
</main>
</body>
</html>
