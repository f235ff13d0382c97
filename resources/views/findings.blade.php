<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Findings {{ $report->tag }}</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css'])
</head>
<body>
<main class="certificate findings">
    <p class="no-print mb-4"><a href="judge">Back to the job</a> <span class="soft">print it from the browser: one page</span></p>
    <div class="head"><span class="tag">{{ $report->tag }}</span><h1>What we found</h1></div>
    <p>{{ $report->engine }}</p>
    <p class="text-lg"><b>{{ $report->verdict }}</b></p>
    <table><tbody>
    @foreach($report->parts as $part)
        <tr>
            <th scope="row">{{ $part['name'] }}</th>
            <td>
                <b>{{ $part['verdict'] }}</b>
                @foreach($part['lines'] as $line)<br>{{ $line }}@endforeach
                @if($part['more'] > 0)<br>and {{ $part['more'] }} more of the same kind @endif
            </td>
        </tr>
    @endforeach
    </tbody></table>
    @if($report->options !== [])
    <h2>What can be done</h2>
    <table>
        <tbody>
            @foreach($report->options as $option)
                <tr>
                    <th scope="row">{{ $option['name'] }}</th>
                    <td>{{ $option['words'] }}</td>
                    <td class="num">{{ $option['price'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @endif
    @if($report->asked !== [])
        <h2>What we ask you</h2>
        <ul>@foreach($report->asked as $line)<li class="line missing my-1">{{ $line }}</li>@endforeach</ul>
    @endif
    @if($report->decided !== [])
        <h2>What you decided</h2>
        <ul>@foreach($report->decided as $line)<li class="line close my-1">{{ $line }}</li>@endforeach</ul>
    @endif
    @if($report->open !== [])
        <h2>What we do not know yet</h2>
        <ul>@foreach($report->open as $line)<li class="line missing my-1">{{ $line }}</li>@endforeach</ul>
    @endif
    <p class="soft mt-4">{{ $report->note }}</p>
</main>
</body>
</html>
