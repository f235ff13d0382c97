<section class="bench-now" aria-label="To grind">
    <b class="num big">{{ $card->left }}</b>
    <p>Turn the crankshaft with rods on, and measure each gap to rail, webs, camshaft and oil pump.</p>
</section>
@if($mayWrite)
<form method="post" action="{{ $at }}/gaps" id="gap" class="bench-form" data-keep data-words="Gap">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    <label class="wide">Where<input
            id="gap-place" name="place" maxlength="60" autocomplete="off" placeholder="rail at cylinder 2" autofocus></label>
    <label>Gap<input id="gap-gap" class="num" name="gap" size="8" maxlength="20" autocomplete="off"></label>
    <label>Wanted<input
            id="gap-wanted" class="num" name="wanted" value="{{ $card->wanted }}" size="8" maxlength="20" autocomplete="off"></label>
    <label>Wall there<input id="gap-wall" class="num" name="wall" size="8" maxlength="20" autocomplete="off"></label>
    <button class="button">Log the gap</button>
    <x-live-error id="gap" />@foreach(['place', 'gap', 'wanted', 'wall', 'operation'] as $field)<x-field-error :name="$field" />@endforeach
</form>
@endif
@if($card->gaps !== [])
<table class="bench-table">
    <thead>
        <tr>
            <th scope="col">where</th>
            <th scope="col">gap</th>
            <th scope="col">wanted</th>
            <th scope="col">grind off</th>
            <th scope="col">wall left</th>
        </tr>
    </thead>
    <tbody>
        @foreach($card->gaps as $gap)
            <tr>
                <th scope="row">{{ $gap['place'] }}</th>
                <td class="num">{{ $gap['gap'] }}</td>
                <td class="num">{{ $gap['wanted'] }}</td>
                <td class="num"><b>{{ $gap['grind'] }}</b></td>
                <td class="num {{ $gap['isOut'] ? 'bad' : '' }}">{{ $gap['isOut'] ? '▲ ' : '' }}{{ $gap['wall'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
