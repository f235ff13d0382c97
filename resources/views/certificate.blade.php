<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Certificate {{ $certificate['job'] }}</title>
    <link rel="icon" href="data:,">
    @if($isForPrinter)
        <meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src file:; font-src file:; img-src data:">
    @endif
    <link rel="stylesheet" href="{{ $css }}">
    @if(! $isForPrinter)@vite('resources/js/app.js')@endif
</head>
<body>
<main class="certificate">
    @if(! $isForPrinter)<p class="no-print mb-4"><a href="release">Back to the job</a></p>@endif
    @if($standing !== \App\Storage\CertificateStanding::Stands)
        <p class="line out">▲ {{ __("release.standing_says.{$standing->value}") }}</p>
    @endif
    <div class="head">
        <span class="tag">{{ $certificate['job'] }}</span>
        <h1>
            {{ in_array($certificate['purpose'] ?? '', ['check', 'inspection'], true) ? __('verify.report') : 'Inspection certificate' }}
        </h1>
    </div>
    @isset($certificate['replaces'])
        <p class="line close">
            ◆ {{ __('release.replaces', ['at' => $certificate['replaces']['signed_at']]) }}
            <span class="hash">{{ $certificate['replaces']['hash'] }}</span>
        </p>
    @endisset
    <p>{{ $certificate['shop'] }}</p>
    <table><tbody>
        <tr>
            <th scope="row">Engine</th>
            <td>
                {{ $certificate['engine']['family'] }}, serial
                <span class="num">{{ $certificate['engine']['serial'] }}</span>@if($certificate['engine']['what'] !== ''),
                    {{ $certificate['engine']['what'] }}@endif
            </td>
        </tr>
        <tr><th scope="row">Customer</th><td>{{ $certificate['engine']['customer'] }}</td></tr>
        @if($certificate['bores'] !== [])<tr><th scope="row">Work on the bores</th><td>{{ $certificate['work'] }}</td></tr>
        <tr><th scope="row">Conditions of the finished readings</th><td>{{ implode('; ', $certificate['conditions']) }}</td></tr>@endif
        <tr><th scope="row">Crack check</th><td>{{ implode(' ', (array) $certificate['crack_check']) ?: 'not done' }}</td></tr>
        @if($certificate['gauges'] !== [])<tr><th scope="row">Gauges</th><td>{{ implode('; ', $certificate['gauges']) }}</td></tr>@endif
    </tbody></table>
    @foreach($certificate['checked'] ?? [] as $one)
    <section class="whole">
    <h2>{{ $one['part'] }}</h2>
    <p><b>{{ $one['answer'] }}</b></p>
    <ul>
        @foreach($one['out'] as $line)<li class="line out my-1">{{ $line }}</li>@endforeach
        @foreach($one['open'] as $line)<li class="line missing my-1">{{ $line }}</li>@endforeach
    </ul>
    </section>
    @endforeach
    @if($certificate['bores'] !== [])
    <h2>Finished bores, {{ $certificate['unit'] }}</h2>
    <div class="scroll-x" tabindex="0" role="region" aria-label="Finished bores">
    <table class="finished">
        <thead>
            <tr>
                <th scope="col">Cyl.</th>
                <th scope="col">Ordered</th>
                <th scope="col">Piston</th>
                @foreach(array_keys($certificate['bores'][0]['readings']) as $place)<th scope="col">{{ $place }}</th>@endforeach
                <th scope="col">Out-of-round, taper ({{ $certificate['form_unit'] }})</th>
                <th scope="col">Clearance, least, growth ({{ $certificate['form_unit'] }})</th>
                @if($showsRings)<th scope="col">Ring gaps, wall</th>@endif
                <th scope="col">Result</th>
            </tr>
        </thead>
        <tbody>
        @foreach($certificate['bores'] as $bore)
            <tr>
                <td class="num">{{ $bore['cylinder'] }}</td>
                <td>{{ $bore['ordered'] }}</td>
                <td>{{ $bore['piston'] }}</td>
                @foreach($bore['readings'] as $reading)<td class="num">{{ $reading }}</td>@endforeach
                <td class="num">@foreach($bore['form'] as $line){{ $line }}<br>@endforeach</td>
                <td class="num">@forelse($bore['clearance'] ?? [] as $line){{ $line }}<br>@empty not checked @endforelse</td>
                @if($showsRings)
                    <td class="num">
                        @foreach(array_diff($bore['rings'], [\App\Documents\Certificate::NOT_CHECKED]) as $ring => $gap)
                        {{ $ring }} {{ $gap }}<br>
                        @endforeach
                        {{ $bore['finish'] }}</td>
                @endif
                <td>{{ $bore['state'] }}@if($bore['disposition'])<br><b>{{ $bore['disposition'] }}</b>@endif</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    </div>
    @endif
    @foreach($certificate['parts'] ?? [] as $part)
    <section class="whole">
    <h2>{{ $part['title'] }}</h2>
    <p class="soft">
        @if($part['conditions'] !== '')Read with: {{ $part['conditions'] }}. @endif
        @if(($part['lacking'] ?? '') !== ''){{ __('verify.lacking', ['conditions' => $part['lacking']]) }} @endif
        @if($part['gauges'] !== [])Gauges: {{ implode('; ', $part['gauges']) }}.@endif
        </p>
    <div class="scroll-x" tabindex="0" role="region" aria-label="{{ $part['title'] }}">
    @foreach($part['tables'] as $table)
    <table>
        <thead>
            <tr>
                @foreach(['part', 'came', 'asked', 'is', 'taken'] as $head)
                    <th scope="col">
                        {{ __("verify.{$head}") }}
                        @if($head === 'taken')<br><small>{{ $certificate['form_unit'] }}</small>@endif
                    </th>
                @endforeach
                @foreach($table['columns'] as $column)
                    <th scope="col">{{ $column['name'] }}@if($column['limit'] !== '')<br><small>{{ $column['limit'] }}</small>@endif</th>
                @endforeach
                <th scope="col">Result</th>
            </tr>
        </thead>
        <tbody>
        @foreach($table['rows'] as $row)
            <tr>
                <th scope="row">{{ $row['what'] }}</th>
                <td class="num">{{ $row['came'] }}</td>
                <td class="num">{{ $row['ordered'] }}</td>
                <td class="num">{{ $row['finished'] }}</td>
                <td class="num">{{ $row['change'] }}</td>
                @foreach($row['checks'] as $check)<td class="num">{{ $check }}</td>@endforeach
                <td>{{ $row['state'] }}@if($row['disposition'])<br><b>{{ $row['disposition'] }}</b>@endif</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    @endforeach
    </div>
    </section>
    @endforeach
    @if(($certificate['limits'] ?? []) !== [])
        <h2>Whose the limits are</h2>
        <ul>@foreach($certificate['limits'] as $line)<li class="line my-1">{{ $line }}</li>@endforeach</ul>
    @endif
    @if(($certificate['decided'] ?? []) !== [])
        <h2>Decided by the customer</h2>
        <ul>@foreach($certificate['decided'] as $line)<li class="line close my-1">{{ $line }}</li>@endforeach</ul>
    @endif
    <h2>Not checked</h2>
    <ul>@foreach($certificate['not_checked'] as $line)<li class="line missing my-1">{{ $line }}</li>@endforeach</ul>
    <div class="signature">
        <div><b>{{ $certificate['signed']['by'] }}</b>, {{ $certificate['signed']['role'] }}<br>{{ $certificate['signed']['at'] }}</div>
        <div>
            Sheet revision {{ $certificate['revisions']['sheet'] }}, policy revision {{ $certificate['revisions']['policy'] }}, ledger entry
            {{ $certificate['revisions']['ledger_entry'] }}
            @if(($certificate['ledger']['seals'] ?? []) !== [])
                <br>{{ __('release.sealed') }}
                @foreach($certificate['ledger']['seals'] as $seal)
                    {{ __('release.seal', ['number' => $seal['number'], 'entry' => $seal['entry'], 'at' => substr($seal['at'], 0, 10)]) }}
                @endforeach
            @endif
        </div>
    </div>
    <div class="proof">
        @if($qr !== '')<img src="{{ $qr }}" alt="QR code: whether this certificate stands">@endif
        @if(! $isForPrinter)
            <svg data-qr="{{ $address }}" role="img" aria-label="QR code: whether this certificate stands"><path d=""/></svg>
        @endif
        <div>
            <p>{{ __('release.scan') }} <span class="num">{{ $address }}</span></p>
            <p class="hash">{{ __('release.hash') }} {{ $hash }}</p>
            @isset($certificate['ledger'])
                <p class="hash">{{ __('release.head') }} {{ $certificate['ledger']['hash'] }}</p>
            @endisset
            @if($fingerprint !== '')<p class="hash">{{ __('release.fingerprint') }} {{ $fingerprint }}</p>@endif
        </div>
    </div>
</main>
</body>
</html>
