<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $file->job->tag() }} order to {{ $order->supplier }} · North Ledger</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="paper-page">
<p class="no-print flex flex-wrap gap-3 p-4">
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/parts">Back to the parts</a>
    <button type="button" class="button" data-print>Print</button>
</p>
<main class="paper-sheet">
<h1>Order to {{ $order->supplier }}</h1>
<p>
    {{ config('app.shop') }} · our number <b class="num">{{ $file->job->tag() }}</b> · for {{ $file->sheet->name }}, serial
    <span class="num">{{ $file->job->serial }}</span> · {{ now()->format('j F Y') }}
</p>
<table class="bench-table">
    <thead>
        <tr>
            <th scope="col">Part</th>
            <th scope="col">Size</th>
            <th scope="col" class="n">Count</th>
            <th scope="col">Promised for</th>
        </tr>
    </thead>
    <tbody>
        @foreach($order->lines as $line)
            <tr>
                <th scope="row">{{ $line->name }}</th>
                <td class="num">{{ $line->size === '' ? '–' : $line->size }}</td>
                <td class="num n">{{ $line->count }}</td>
                <td class="num">{{ $line->promisedFor === '' ? '–' : $line->promisedFor }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
<p>Please write our number on the delivery note. A part of another size comes back to you; ask before you send one.</p>
<p>Ordered by {{ auth()->user()->name }} &emsp; Signature ______________________</p>
</main>
</body>
</html>
