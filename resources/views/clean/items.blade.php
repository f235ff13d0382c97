@use('App\Words\Labels')
@foreach($view->groups as $title => $lines)
<h2>{{ $title }}</h2>
<ul class="rows">
@foreach($lines as $line)
<li
    class="row {{ $line->washes === [] ? '' : 'wash' }} {{ ['fine' => 'good', 'finding' => 'out'][$line->state->value] ?? 'open' }}"
    id="row-{{ $line->anchor }}" @if($mayWrite) data-row tabindex="0" @endif
    aria-label="{{ $line->title }}: {{ Labels::code($line->state) }}">
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/clean/items" id="item-{{ $line->anchor }}" data-keep
    data-words="{{ $line->title }}">
    @csrf <x-ulid /><input type="hidden" name="item" value="{{ $line->key }}">
    <i class="sign" aria-hidden="true">{{ $line->sign }}</i>
    <span class="what"><b>{{ $line->title }}</b>@if($line->said !== '')
            <span class="said">{{ $line->said }}</span>@endif<small>{{ $line->reason }}</small></span>
    @if($mayWrite)
    <span class="keys">
        @switch($line->kind)
        @case(\NorthLedger\Core\Features\Precheck\AnswerKind::Wash)
            @foreach($line->washes as $index => $wash)<button
                    name="wash" value="{{ $wash['word'] }}" data-key="{{ $index + 1 }}"
                    aria-pressed="{{ $wash['isChosen'] ? 'true' : 'false' }}" tabindex="-1" @if($wash['refusal'] !== '') class="refused"
                    title="{{ $wash['refusal'] }}" @endif>
                    {{ $wash['short'] }}
                </button>@endforeach
            @break
        @case(\NorthLedger\Core\Features\Precheck\AnswerKind::Threads)
            <button
                name="chased" value="1" data-key="1" data-default
                aria-pressed="{{ $line->state === \NorthLedger\Core\Features\Precheck\ItemState::NotChecked ? 'false' : 'true' }}"
                tabindex="-1">
                chased
            </button>
            @break
        @case(\NorthLedger\Core\Features\Precheck\AnswerKind::Gap)
            <button name="measured" value="none" data-key="1" tabindex="-1">none enters</button>
            @break
        @case(\NorthLedger\Core\Features\Precheck\AnswerKind::LineBoreStep)
            <button name="measured" value="standard" data-key="1" tabindex="-1">standard</button>
            @break
        @default
            <button
                name="state" value="fine" data-key="1" aria-pressed="{{ $line->state->value === 'fine' ? 'true' : 'false' }}" tabindex="-1">
                fine
            </button><button
                name="state" value="finding" data-key="2" data-default
                aria-pressed="{{ $line->state->value === 'finding' ? 'true' : 'false' }}" tabindex="-1">
                finding
            </button>
        @endswitch
        <button name="state" value="not checked" data-key="0" tabindex="-1">open</button>
    </span>
    <span class="more">
        @if($line->kind === \NorthLedger\Core\Features\Precheck\AnswerKind::Threads)<label>stripped
                <input
                    class="num" id="stripped-{{ $line->anchor }}" name="stripped" value="{{ $line->stripped }}" inputmode="numeric" size="3"
                    maxlength="3"></label><label>with an insert
                <input
                    class="num" id="inserts-{{ $line->anchor }}" name="inserts" value="{{ $line->inserts }}" inputmode="numeric" size="3"
                    maxlength="3"></label>@endif
        <label>place
            <input
                id="place-{{ $line->anchor }}" name="place" value="{{ $line->place }}" maxlength="80" size="12" autocomplete="off"></label>
        <label class="grow">remark
            <input id="remark-{{ $line->anchor }}" name="remark" value="{{ $line->remark }}" maxlength="200" autocomplete="off"></label>
    </span>
    @if($line->caution !== '')<span class="more shown warn">◆ {{ $line->caution }}</span>@endif
    <x-live-error :id="'item-'.$line->anchor" />
    @else
    <span class="keys">{{ Labels::code($line->state) }}</span>
    @endif
</form>
@if($mayWrite && in_array($line->kind,
    [\NorthLedger\Core\Features\Precheck\AnswerKind::Gap, \NorthLedger\Core\Features\Precheck\AnswerKind::LineBoreStep],
    true))
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/clean/items" id="measured-{{ $line->anchor }}" class="measured" data-keep
    data-words="{{ $line->title }}">
    @csrf <x-ulid /><input type="hidden" name="item" value="{{ $line->key }}">
    <label>{{ $line->kind === \NorthLedger\Core\Features\Precheck\AnswerKind::Gap ? 'feeler that enters' : 'step' }},
        {{ $file->sheet->unit->value }}
        <input class="num" id="size-{{ $line->anchor }}" name="measured" size="8" maxlength="40" autocomplete="off"></label><button
        class="button plain">
        Keep
    </button>
    <x-live-error :id="'measured-'.$line->anchor" />
</form>
@endif
@if($mayWrite)<x-photo-form :job="$file->job" :subject="'item.'.$line->key" stage="clean" :id="'item-'.$line->anchor" />@endif
</li>
@endforeach
</ul>
@endforeach
@if($mayWrite)
    <p class="soft text-sm">
        Arrows go from row to row; <kbd>1</kbd> fine, <kbd>2</kbd> finding, <kbd>0</kbd> open again. In a wash row the digits choose the way
        it was washed.
    </p>
@endif
