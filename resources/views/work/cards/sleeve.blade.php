@if($card->isMeasured)
<dl class="bench-figures">
    @foreach($card->figures as $figure)
        <div @if($figure['isMain']) class="main" @endif><dt>{{ $figure['name'] }}</dt><dd class="num">{{ $figure['value'] }}</dd></div>
    @endforeach
</dl>
@foreach($card->warnings as $warning)
    <p class="line out"><i aria-hidden="true">▲</i> {{ ucfirst($warning) }} <span class="rule-id">SLV-4</span></p>
@endforeach
@if($card->parent !== [])
<table class="bench-table">
    <thead>
        <tr><th scope="col">parent bore</th><th scope="col">size</th><th scope="col">interference</th><th scope="col">fits</th></tr>
    </thead>
    <tbody>
        @foreach($card->parent as $row)
            <tr>
                <th scope="row">{{ $row['place'] }}</th>
                <td class="num">{{ $row['size'] }}</td>
                <td class="num">{{ $row['interference'] }}</td>
                <td class="{{ $row['fits'] ? 'ok' : 'bad' }}">{{ $row['fits'] ? '✓ fits' : '▲ outside' }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
@if($card->coolAt !== null)
<section class="running" data-due="{{ $card->coolAt }}" data-timer="{{ $key }}">
    <p>
        Fitted {{ $card->fittedAt }}. It cools to room temperature: <b class="num big" data-left>…</b> then trim it to the deck, read it,
        and close the operation. What is read before is warm. <span class="rule-id">SLV-6</span>
    </p>
</section>
@endif
@endif
@if($mayWrite)
@if($card->coolAt === null && $card->isMeasured)
<form method="post" action="{{ $at }}/sleeves" id="sleeve-parent" class="bench-form" data-keep data-words="Parent bore">
    @csrf
    <x-ulid />
    <input type="hidden" name="operation" value="{{ $key }}">
    <input type="hidden" name="card" value="1">
    <input type="hidden" name="log" value="parent_read">
    <label class="wide">Parent bore before pressing: top thrust, top in line, bottom thrust, bottom in
        line<input
            id="parent-sizes" class="num" name="parent" maxlength="120" autocomplete="off" @if($card->parent === []) autofocus
            @endif></label>
    <button class="button">Check the fit</button>
    <x-live-error id="sleeve-parent" /><x-field-error name="parent" />
</form>
<form method="post" action="{{ $at }}/sleeves" id="sleeve-fitted" class="bench-form" data-keep data-words="Sleeve fitted">
    @csrf
    <x-ulid />
    <input type="hidden" name="operation" value="{{ $key }}">
    <input type="hidden" name="card" value="1">
    <input type="hidden" name="log" value="sleeve_fitted">
    <label class="tick"><input type="checkbox" id="compound-low" name="compound_low" value="1"> compound: one band low in the parent</label>
    <label class="tick"><input type="checkbox" id="compound-top" name="compound_top" value="1"> one band at the top of the sleeve</label>
    <button class="button {{ $card->mayBeFitted ? '' : 'plain' }}">It is in: start the cooling</button>
    <x-live-error id="sleeve-fitted" /><x-field-error name="log" />
</form>
@endif
<details id="sleeve-again" @if(! $card->isMeasured) open @endif>
    <summary>{{ $card->isMeasured ? 'Another sleeve, or measured again' : 'The sleeve' }}</summary>
<form method="post" action="{{ $at }}/sleeves" id="sleeve-measured" class="bench-form" data-keep data-words="Sleeve measured">
    @csrf
    <x-ulid />
    <input type="hidden" name="operation" value="{{ $key }}">
    <input type="hidden" name="card" value="1">
    <input type="hidden" name="log" value="sleeve_measured">
    <label class="wide">Outside at four places or
        more<input
            id="sleeve-outside" class="num" name="outside" maxlength="160" autocomplete="off" @if(! $card->isMeasured) autofocus
            @endif></label>
    <label>Inside<input id="sleeve-inside" class="num" name="inside" size="8" maxlength="20"></label>
    <label>Length<input id="sleeve-length" class="num" name="length" size="8" maxlength="20"></label>
    <label>Pieces<input id="sleeve-pieces" class="num" name="pieces" value="1" size="2" maxlength="2" inputmode="numeric"></label>
    <label>Press range, least<input id="sleeve-least" class="num" name="least" size="8" maxlength="20"></label>
    <label>most<input id="sleeve-most" class="num" name="most" size="8" maxlength="20"></label>
    <button class="button">Work out the cut</button>
    <p class="soft">Press range as the sleeve’s maker gives it; empty, the usual one counts.</p>
    <x-live-error id="sleeve-measured" />
    @foreach(['outside', 'inside', 'length', 'pieces', 'least', 'most', 'operation'] as $field)<x-field-error :name="$field" />@endforeach
</form>
</details>
@endif
