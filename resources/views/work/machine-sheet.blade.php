<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $file->job->tag() }} for the {{ $machine }} · North Ledger</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="paper-page">
<p class="no-print flex flex-wrap gap-3 p-4">
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/work">Back to the order</a>
    <button type="button" class="button" data-print>Print</button>
</p>
<main class="paper-sheet">
<h1>{{ $file->job->tag() }} · {{ $machine }}</h1>
<p>
    {{ $file->sheet->name }} · {{ $file->job->serial }} · {{ $file->job->customer->name }} · due {{ $file->job->due_on->format('j M Y') }} ·
    <b>{{ $view->agreed() }}</b>
</p>
@foreach($groups as $group)
@foreach($group->rows as $row)
<section class="paper-row"><h2>{{ $group->title }}: {{ lcfirst($row->title) }} <span class="num">{{ $row->range }}</span></h2>
<p>{{ $row->instruction }} Closed by: {{ $row->check }}.</p>
@foreach($row->remarks as $remark)<p><b>{{ $remark }}</b></p>@endforeach
<div class="boxes">
    @foreach($row->cells as $cell)
        <div class="box"><b>{{ $cell->label === '' ? 'done' : $cell->label }}</b><span class="num">{{ $cell->text }}</span><u></u></div>
    @endforeach
</div>
</section>
@endforeach
@endforeach
@if($groups === [])<p>Nothing of this order is done there.</p>@endif
@if($balance !== null)
<section class="paper-row"><h2>Bobweight <span class="num">{{ $balance->bobweight }}</span></h2><p>{{ ucfirst($balance->from) }}.</p>
@if($balance->sets !== [])
    <table class="bench-table">
        <thead>
            <tr><th>set</th>@foreach($balance->kinds as $kind)<th>{{ $kind }}</th>@endforeach<th>together</th><th>crankpin</th></tr>
        </thead>
        <tbody>
            @foreach($balance->sets as $set)
                <tr>
                    <th scope="row">{{ $set['letter'] }}</th>
                    @foreach($balance->kinds as $kind)<td>{{ $set['pieces'][$kind] }}</td>@endforeach
                    <td class="num">{{ $set['sum'] }} g</td>
                    <td>{{ $set['pin'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p>{{ $balance->spread }}@if($balance->pins !== ''), {{ $balance->pins }}@endif.</p>
@endif
</section>
@endif
<p>Done by ______________________ &emsp; Minutes __________</p>
<p><small>{{ implode(' ', $cautions) }}</small></p>
</main>
</body>
</html>
