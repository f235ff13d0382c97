<section class="bench-now" aria-label="Left to cut">
    <b class="num big">{{ $card->left }}</b>
    <p>{{ $card->lightCuts }}@if($card->taken !== '') · {{ $card->taken }} taken @endif</p>
    @if($card->height !== '')
        <p>
            Height now
            <b class="num">{{ $card->height }}</b>@if($card->reserve !== ''), <span class="num">{{ $card->reserve }}</span> above its least
            @endif
        </p>
    @endif
    @if($card->isStampGone)
        <p class="line out"><i aria-hidden="true">▲</i> The stamped number is gone: write it down and tell the customer.</p>
    @endif
    @if($card->lowered !== '')
        <p class="line close"><i aria-hidden="true">◆</i> {{ $card->lowered }} <span class="rule-id">DECK-4</span></p>
    @endif
    <p><a href="/jobs/{{ $file->job->tag() }}/measure/deck">Depths and shims on the deck sheet</a></p>
</section>
@if($mayWrite)
<form method="post" action="{{ $at }}/passes" id="pass" class="bench-form" data-keep data-words="Pass">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    <label>This pass took,
        {{ $file->sheet->unit === \NorthLedger\Core\Quantity\LengthUnit::Inch ? 'thou' : 'µm' }}<input
            id="pass-depth" class="num" name="depth" maxlength="12" inputmode="decimal" autocomplete="off" autofocus></label>
    @foreach($card->seats as $seat)
        <label>{{ $seat['name'] }}
            <select id="pass-{{ $seat['field'] }}" name="{{ $seat['field'] }}">
                @foreach(\NorthLedger\Core\Work\Logs\SeatTouch::cases() as $touch)
                    <option value="{{ $touch->value }}" @selected($touch === $seat['touch'])>
                        {{ \App\Words\Line::ofCode('work.deck.touch', $touch) }}
                    </option>
                @endforeach
            </select>
        </label>
    @endforeach
    <label class="wide">What it touched{{ $card->seats === [] ? '' : ' besides' }}<input
            id="pass-seats" name="seats" maxlength="120" autocomplete="off"></label>
    <label class="tick"><input type="checkbox" id="pass-stamp" name="stamp_gone" value="1"> the stamped number is gone</label>
    <button class="button">Log the pass</button>
    <x-live-error id="pass" /><x-field-error name="depth" /><x-field-error name="operation" />
</form>
@endif
@if($card->passes !== [])
<h2>Passes</h2>
<table class="bench-table">
    <thead>
        <tr>
            <th scope="col">no.</th>
            <th scope="col">took</th>
            <th scope="col">in all</th>
            <th scope="col">touched</th>
            <th scope="col">stamp</th>
        </tr>
    </thead>
    <tbody>
        @foreach($card->passes as $pass)
            <tr>
                <td>{{ $pass['number'] }}</td>
                <td class="num">{{ $pass['depth'] }}</td>
                <td class="num">{{ $pass['sum'] }}</td>
                <td>{{ $pass['seats'] }}</td>
                <td>{{ $pass['stamp'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
