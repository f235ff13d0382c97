<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ __('release.public', ['tag' => $job->tag()]) }}</title>
    <link rel="icon" href="data:,">
    @vite('resources/css/app.css')
</head>
<body>
<main class="certificate">
    <div class="head"><span class="tag">{{ $job->tag() }}</span><h1>{{ __('release.public', ['tag' => $job->tag()]) }}</h1></div>
    <p>{{ config('app.shop') }}</p>
    <x-stamp
        :stamp="new \App\Pages\Stamp(
            ucfirst(__('release.standing.'.$standing->value)),
            __('release.standing_says.'.$standing->value),
            ['stands' => 'good', 'in_question' => 'close'][$standing->value] ?? 'out'
            )"
        />
    @if($replacement !== null)
        <p>
            <a href="{{ route('certificate.standing', $replacement->ulid) }}">{{ __('release.replaced_by', [
                'at' => $replacement->created_at->format('j F Y, H:i').' UTC'
                ]) }}</a>
        </p>
    @endif
    <table><tbody>
        <tr><th scope="row">Serial</th><td class="num">{{ $job->serial }}</td></tr>
        <tr><th scope="row">Signed</th><td>{{ $release->created_at->format('j F Y, H:i') }} UTC</td></tr>
        <tr><th scope="row">{{ __('release.hash') }}</th><td class="hash">{{ $release->certificate_hash }}</td></tr>
        @if($fingerprint !== '')<tr><th scope="row">{{ __('release.fingerprint') }}</th><td class="hash">{{ $fingerprint }}</td></tr>@endif
    </tbody></table>
    <p class="soft">{{ __('release.check') }}</p>
</main>
</body>
</html>
