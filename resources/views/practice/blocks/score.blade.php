<section class="practice-verdict {{ $score->lost === [] ? 'right' : 'wrong' }}" role="status">
    <p class="said"><b class="big num">{{ $score->points }}</b> {{ __('practice.block.of_all') }}
        <small>{{ $score->taken }}</small></p>
    <p><b>{{ $score->verdict }}</b></p>
    @if($score->lost === [])<p>{{ __('practice.block.nothing_lost') }}</p>@else
    <ul class="practice-lost">
        @foreach($score->lost as $one)<li><b class="num">{{ $one['points'] }}</b> {{ $one['words'] }}</li>@endforeach
    </ul>
    @endif
    @if($score->off !== [])
    <h2>{{ __('practice.block.off_title') }}</h2>
    <table class="ledger">
        <thead><tr>
            <th scope="col">Place</th><th scope="col">You</th><th scope="col">It is</th><th scope="col">Off, {{ $view->unit }}</th>
        </tr></thead>
        <tbody>
        @foreach($score->off as $one)
            <tr><th scope="row">{{ $one['place'] }}</th><td class="num">{{ $one['read'] }}</td><td class="num">{{ $one['true'] }}</td>
                <td class="num">{{ $one['off'] }}</td></tr>
        @endforeach
        </tbody>
    </table>
    @endif
    <p class="mt-3"><a class="button" href="/practice#blocks" autofocus>{{ __('practice.block.start') }}</a></p>
</section>
<h2>{{ __('practice.block.as_it_is') }}</h2>
<div class="drawing" data-station="top">@include('drawings.bore-plan', ['plan' => $score->drawing])</div>
