<div class="volumes">
<div class="scroll-x" tabindex="0" role="region" aria-label="Compression by cylinder"><table class="ledger">
    <caption>Compression, new {{ $table->asNew }}. {{ $table->changes }} <span class="rule-id">COMP-1</span></caption>
    <thead>
        <tr>
            <th scope="col">Cylinder</th>
            @foreach($table->rows as $row)<th scope="col" class="num">{{ $row['cylinder'] }}</th>@endforeach
        </tr>
    </thead>
    <tbody>
        <tr><th scope="row">chamber, cc</th>@foreach($table->rows as $row)<td class="num">{{ $row['chamber'] }}</td>@endforeach</tr>
        <tr>
            <th scope="row">below the deck, {{ $table->unit }}</th>
            @foreach($table->rows as $row)<td class="num">{{ $row['deck'] }}</td>@endforeach
        </tr>
        <tr><th scope="row">ratio now</th>@foreach($table->rows as $row)<td class="num ratio">{{ $row['now'] }}</td>@endforeach</tr>
        <tr><th scope="row">after the cuts</th>@foreach($table->rows as $row)<td class="num ratio">{{ $row['after'] }}</td>@endforeach</tr>
    </tbody>
</table></div>
<form method="get" class="ratio-form">
    <label for="ratio">Ratio that is wanted</label>
    <input id="ratio" name="ratio" class="num" inputmode="decimal" value="{{ $table->target }}" autocomplete="off" maxlength="6">
    <label for="loss">the chamber loses, cc for each 0.010 in</label>
    <input
        id="loss" name="loss" class="num" inputmode="decimal" value="{{ $table->perTenThou }}" placeholder="by area" autocomplete="off"
        maxlength="6"> <button class="button plain">Cut for it</button>
@if($table->cut !== '')
    <p class="line {{ $table->isAllowed ? 'good' : 'out' }}">{{ $table->cut }} <span class="rule-id">COMP-2</span></p>
@endif
</form>
</div>
