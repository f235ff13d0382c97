<section class="bench-now" aria-label="Next">
    <b class="num big">{{ $card->advice }}</b>
    <p>{{ $card->why }}</p>
    @if($card->gaugeZero !== '')
        <p>
            Set the gauge to <b class="num">{{ $card->gaugeZero }}</b>, its piston and the clearance; hone it to
            <span class="num">{{ $card->range }}</span>.
        </p>
    @endif
    @if($card->crosshatch !== [])<p>@foreach($card->crosshatch as $line){{ $line }} @endforeach<span class="rule-id">HONE-1</span></p>@endif
    @if($card->isSuspect)
        <p class="line out">
            <i aria-hidden="true">▲</i> A patch that will not clean up is suspect for a crack: stop here, put it on the crack map in the
            margin, and check that place.
        </p>
    @endif
    @if($card->travel !== '')
        <p class="{{ $card->isTooFar ? 'line out' : '' }}">
            @if($card->isTooFar)<i aria-hidden="true">▲</i> @endif{{ $card->travel }} <span class="rule-id">HONE-4</span>
        </p>
    @else
        <p class="soft">
            Stones leave the bore by at most a third of their length at each end; look at the room above the main webs. Say how long they
            are, and the stroke is checked.
            <span class="rule-id">HONE-4</span>
        </p>
    @endif
</section>
@if($mayWrite)
<form method="post" action="{{ $at }}/stints" id="stint" class="bench-form" data-keep data-words="Stint">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    @if($card->needsBefore && ! $card->onlyDeglazes)<label class="wide">Six sizes before: top, middle, bottom, each thrust then in
            line<input id="stint-before" class="num" name="before" maxlength="120" autocomplete="off" inputmode="text"></label>@endif
    <label>Seconds<input
            id="stint-seconds" class="num" name="seconds" maxlength="8" inputmode="decimal" autocomplete="off" autofocus></label>
    <label class="wide">Six sizes after<input id="stint-after" class="num" name="after" maxlength="120" autocomplete="off"></label>
    <label>Tool<select id="stint-tool" name="tool">
            @foreach(\NorthLedger\Core\Work\Logs\HoneTool::cases() as $tool)
                <option value="{{ $tool->value }}" @selected($card->last['tool'] === $tool->value)>
                    {{ \App\Words\Line::ofCode('work.tool', $tool) }}
                </option>
            @endforeach
        </select></label>
    <label>Set<input id="stint-set" name="set" value="{{ $card->last['set'] }}" size="3" maxlength="12" autocomplete="off"></label>
    <label>rpm<input
            id="stint-rpm" class="num" name="rpm" value="{{ $card->last['rpm'] }}" size="5" maxlength="8" inputmode="decimal"></label>
    <label>Cycles a
        minute<input
            id="stint-cycles" class="num" name="cycles" value="{{ $card->last['cycles'] }}" size="5" maxlength="8"
            inputmode="decimal"></label>
    <label>Stroke<input id="stint-stroke" class="num" name="stroke" value="{{ $card->last['stroke'] }}" size="7" maxlength="12"></label>
    <label>Stones,
        length<input id="stint-stones" class="num" name="stones" value="{{ $card->last['stones'] }}" size="7" maxlength="12"></label>
    <label>Room
        below<input id="stint-room" class="num" name="room" value="{{ $card->last['room'] }}" size="7" maxlength="12"></label>
    <label>Look<select id="stint-look" name="look">
            @foreach(\NorthLedger\Core\Work\Logs\BoreLook::cases() as $look)
                <option value="{{ $look->value }}">{{ \App\Words\Line::ofCode('work.look', $look) }}</option>
            @endforeach
        </select></label>
    <label class="tick"><input type="checkbox" id="stint-warm" name="warm" value="1"> read warm</label>
    <label class="tick"><input type="checkbox" id="stint-finished" name="finished" value="1"> finish reached</label>
    <button class="button">Log the stint</button>
    <x-live-error id="stint" />
    @foreach(['seconds', 'before', 'after', 'tool', 'rpm', 'cycles', 'stroke', 'stones', 'room', 'look', 'operation'] as $field)
        <x-field-error :name="$field" />
    @endforeach
</form>
@endif
@if($card->places !== [])
<h2>{{ __($card->isWarm ? 'work.hone.read_last_warm' : 'work.hone.read_last') }}</h2>
<table class="bench-table">
    <thead><tr><th scope="col">place</th><th scope="col">now</th><th scope="col">came off</th></tr></thead>
    <tbody>
        @foreach($card->places as $place)
            <tr @if($place['isTight']) class="tight" @endif>
                <th scope="row">{{ $place['place'] }}</th>
                <td class="num">{{ $place['now'] }}</td>
                <td class="num">{{ $place['removed'] }}@if($place['isTight']) <b>◆ tightest: dwell here</b>@endif</td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
@if($card->stints !== [])
<h2>Stints</h2>
<div class="scroll-x" tabindex="0" role="region" aria-label="Stints">
    <table class="bench-table">
        <thead>
            <tr>
                <th scope="col">no.</th>
                <th scope="col">time</th>
                <th scope="col">set</th>
                <th scope="col">tool</th>
                <th scope="col">smallest</th>
                <th scope="col">came off</th>
                <th scope="col">look</th>
            </tr>
        </thead>
        <tbody>
            @foreach($card->stints as $stint)
                <tr>
                    <td>{{ $stint['number'] }}</td>
                    <td class="num">{{ $stint['seconds'] }}</td>
                    <td>{{ $stint['set'] }}</td>
                    <td>{{ $stint['tool'] }}</td>
                    <td class="num">{{ $stint['size'] }}</td>
                    <td class="num">{{ $stint['removed'] }}</td>
                    <td>{{ $stint['look'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
@endif
