<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $file->job->tag() }} labels for the cutters · North Ledger</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="tags sheet-of-labels">
<p class="no-print flex flex-wrap gap-3 p-4">
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/work">Back to the order</a>
    <button type="button" class="button" data-print>Print</button>
</p>
<main class="labels">
<h1 class="sr-only">Labels for the cutters of job {{ $file->job->tag() }}</h1>
@forelse($settings as $setting)
<section class="label-tag">
    <b class="label-number">{{ $setting['letter'] }}</b>
    <div>
        <b class="num cutter-size">{{ $setting['size'] }}
            {{ $file->sheet->unit->value }}</b><span>{{ $setting['what'] }}</span><span>{{ $file->job->tag() }} ·
            {{ $file->sheet->name }}</span>
    </div>
</section>
@empty
<p>Nothing of this order is cut with a bar.</p>
@endforelse
</main>
</body>
</html>
