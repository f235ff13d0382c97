<div class="weights">
@if($table->sets === [])
<p class="soft my-2">
    Weigh every piece of two kinds or more, and the best sets are put together here. Rods are weighed on their own sheet, both ends.
</p>
@else
<div class="scroll-x" tabindex="0" role="region" aria-label="Sets that go together"><table class="ledger">
    <caption>{{ $table->spread }}@if($table->pins !== ''), {{ $table->pins }}@endif. <span class="rule-id">BAL-1</span></caption>
    <thead>
        <tr>
            <th scope="col">Set</th>
            @foreach($table->kinds as $kind)<th scope="col" class="num">{{ $kind }}</th>@endforeach
            @if($table->pins !== '')<th scope="col" class="num">crankpin</th>@endif
            <th scope="col" class="num">g</th>
            <th scope="col">off the mean</th>
        </tr>
    </thead>
    <tbody>@foreach($table->sets as $set)
    <tr>
        <th scope="row"><b class="set-letter">{{ $set['letter'] }}</b></th>
        @foreach($set['pieces'] as $piece)<td class="num">{{ $piece }}</td>@endforeach
        @if($table->pins !== '')<td class="num">{{ $set['pin'] }}</td>@endif
        <td class="num">{{ $set['sum'] }}</td>
        <td class="set-off">
            <svg viewBox="0 0 100 12" aria-hidden="true" preserveAspectRatio="none">
                <line x1="50" x2="50" y2="12" class="axis-line"/>
                <rect x="{{ $set['left'] }}" y="2" width="{{ $set['width'] }}" height="8" class="set-bar"/>
            </svg>
            <span class="num">{{ $set['off'] }}</span>
        </td>
    </tr>
    @endforeach</tbody>
</table></div>
@endif
<p class="bobweight">
    Bobweight <b class="num">{{ $table->bobweight }}</b> <span class="soft">{{ $table->from }}</span> <span class="rule-id">BAL-2</span>
</p>
@include('parts.weight-list', ['lines' => $listed, 'from' => $from])
</div>
