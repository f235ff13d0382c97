<section class="practice-verdict {{ $score->lost === [] ? 'right' : 'wrong' }}" role="status">
    <p class="said"><b class="big num">{{ $score->points }}</b> {{ __('practice.block.of_all') }} <small>{{ $score->minutes }}</small></p>
    <table class="ledger">
        <thead><tr>
            <th scope="col">{{ __('practice.engine.part') }}</th><th scope="col">{{ __('practice.engine.you_said') }}</th>
            <th scope="col">{{ __('practice.engine.it_is') }}</th>
        </tr></thead>
        <tbody>
        @foreach($score->parts as $part)
            <tr><th scope="row">{{ $part['name'] }}</th>
                <td>{{ $part['isRight'] ? '✓' : '✕' }} {{ $part['said'] }}</td><td>{{ $part['is'] }}</td></tr>
        @endforeach
        </tbody>
    </table>
    <p><b>{{ $score->way }}</b></p>
    @if($score->lost === [])<p>{{ __('practice.block.nothing_lost') }}</p>@else
    <ul class="practice-lost">
        @foreach($score->lost as $one)<li><b class="num">{{ $one['points'] }}</b> {{ $one['words'] }}</li>@endforeach
    </ul>
    @endif
    <h2>{{ __('practice.engine.was_wrong') }}</h2>
    @if($score->worn === [])<p>{{ __('practice.engine.nothing_wrong') }}</p>@else
    <ul>@foreach($score->worn as $one)<li>{{ $one['place'] }}: <span class="num">{{ $one['is'] }}</span></li>@endforeach</ul>
    @endif
    @if($score->sight !== '')<p>{{ $score->sight }}</p>@endif
    @if($score->misread !== [])
    <h2>{{ __('practice.engine.misread') }}</h2>
    <table class="ledger">
        <thead><tr>
            <th scope="col">Place</th><th scope="col">{{ __('practice.engine.you_said') }}</th>
            <th scope="col">{{ __('practice.engine.it_is') }}</th>
        </tr></thead>
        <tbody>
        @foreach($score->misread as $one)
            <tr><th scope="row">{{ $one['place'] }}</th><td class="num">{{ $one['read'] }}</td><td class="num">{{ $one['is'] }}</td></tr>
        @endforeach
        </tbody>
    </table>
    @endif
    <p class="mt-3 flex gap-4">
        <a class="button" href="/practice#engines" autofocus>{{ __('practice.engine.start') }}</a>
        @if($view->sheets !== '')<a class="button plain" href="{{ $view->sheets }}">{{ __('practice.engine.beside_truth') }}</a>@endif
    </p>
</section>
