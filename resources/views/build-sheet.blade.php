<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('build.title') }} {{ $file->job->tag() }}</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
<main class="certificate build">
    <p class="no-print mb-4 flex gap-3">
        <a class="button plain" href="/jobs/{{ $file->job->tag() }}/release">Back to the job</a>
        <button type="button" class="button" data-print>Print</button>
    </p>
    <div class="head"><span class="tag">{{ $file->job->tag() }}</span><h1>{{ __('build.title') }}</h1></div>
    <p>
        {{ config('app.shop') }} · {{ $file->sheet->name }}, serial
        <span class="num">{{ $file->job->serial }}</span>@if($file->job->description !== ''), {{ $file->job->description }}@endif
    </p>
    @if($build->open !== [])
        <p class="line out">▲ {{ __('build.open') }}</p>
        <ul>@foreach($build->open as $line)<li class="line missing">{{ $line }}</li>@endforeach</ul>
    @endif
    @if($build->bores !== [])
    <section class="whole">
        <h2>
            {{ __('build.bores') }}, {{ $file->display->unit()->value }}; {{ lcfirst(__('build.clearance')) }} in
            {{ $file->display->deviationUnit() }}
        </h2>
    <div class="scroll-x" tabindex="0" role="region" aria-label="{{ __('build.bores') }}"><table>
        <thead>
            <tr>
                @foreach(['cylinder', 'bore', 'piston', 'clearance'] as $head)<th scope="col">{{ __("build.{$head}") }}</th>@endforeach
                @foreach($file->sheet->rings as $ring)
                    <th scope="col">{{ __('build.ring_gap', ['ring' => ucfirst($ring->name)]) }}</th>
                @endforeach
                <th scope="col">{{ __('build.state') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach($build->bores as $bore)
                <tr>
                    <th scope="row" class="num">{{ $bore['cylinder'] }}</th>
                    <td class="num">{{ $bore['size'] }}</td>
                    <td class="num">{{ $bore['piston'] }}</td>
                    <td class="num">{{ $bore['clearance'] }}</td>
                    @foreach($file->sheet->rings as $ring)
                        <td class="num {{ isset($bore['gaps'][$ring->name]) ? '' : 'fill' }}">{{ $bore['gaps'][$ring->name] ?? '' }}</td>
                    @endforeach
                    <td>{{ $bore['state'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table></div></section>
    @endif
    @if($build->journals !== [])
    <section class="whole"><h2>{{ __('build.journals') }}, {{ $file->display->unit()->value }}</h2>
    <div class="scroll-x" tabindex="0" role="region" aria-label="{{ __('build.journals') }}"><table>
        <thead>
            <tr>
                @foreach(['journal', 'size', 'shells', 'oil', 'strip', 'torque'] as $head)
                    <th scope="col">{{ __("build.{$head}") }}</th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach($build->journals as $line)
                <tr>
                    <th scope="row">{{ $line['journal'] }}</th>
                    <td class="num">{{ $line['size'] }}</td>
                    <td>{{ $line['shells'] }}</td>
                    <td class="num">{{ $line['clearance'] }}</td>
                    <td class="fill"></td>
                    <td class="fill"></td>
                </tr>
            @endforeach
        </tbody>
    </table></div><p class="soft">{{ __('build.strip_says') }}</p></section>
    @endif
    @if($build->others !== [])
    <section class="whole"><h2>{{ __('build.others') }}</h2>
    <ul>
        @foreach($build->others as $one)
            <li class="line"><b>{{ $one['what'] }}</b>: {{ implode(', ', $one['lines']) }} · {{ $one['state'] }}</li>
        @endforeach
    </ul>
</section>
    @endif
    @if($build->sets !== [])
    <section class="whole">
        <h2>{{ __('build.sets') }}</h2>
        <ul>@foreach($build->sets as $line)<li class="line">{{ $line }}</li>@endforeach</ul>
    </section>
    @endif
    @if($build->ringGaps !== [] || $file->sheet->torques !== [] || $file->sheet->buildNotes !== '')
    <section class="whole"><h2>{{ __('build.sheet_says') }}</h2>
    <ul>
        @foreach($build->ringGaps as $gap)<li class="line">{{ $gap }}</li>@endforeach
        @foreach($file->sheet->torques as $one)<li class="line"><b>{{ ucfirst($one->fastener) }}</b>: {{ $one->torque }}</li>@endforeach
        @if($file->sheet->buildNotes !== '')<li class="line">{{ $file->sheet->buildNotes }}</li>@endif
    </ul>
</section>
    @endif
    <section class="whole"><h2>{{ __('build.whole') }}</h2>
    <table>
        <tbody>
            @foreach(['end_play', 'turns', 'notes', 'by'] as $row)
                <tr><th scope="row">{{ __("build.{$row}") }}</th><td class="fill"></td></tr>
            @endforeach
        </tbody>
    </table>
</section>
</main>
</body>
</html>
