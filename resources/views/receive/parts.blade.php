@use('App\Words\Labels')
@foreach($view->groups as $title => $lines)
<h2>{{ $title }}</h2>
<ul class="rows">
@foreach($lines as $line)
<li
    class="row {{ $line->state === '' ? 'open' : ($line->sign === '✓' && ! $line->countDiffers ? 'good' : 'out') }}"
    id="row-{{ $line->key }}" @if($mayWrite) data-row tabindex="0" @endif
    aria-label="{{ $line->words }}, {{ $line->of }} of them, {{ $line->state === '' ? 'not counted' : $line->state }}">
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/receive/parts" id="part-{{ $line->key }}" data-keep data-words="{{ $line->words }}">
    @csrf <x-ulid /><input type="hidden" name="part" value="{{ $line->key }}">
    <i class="sign" aria-hidden="true">{{ $line->sign }}</i>
    <span class="what"><b>{{ $line->words }}</b>
        <span
            class="num soft">{{ $line->count === '' ? '' : $line->count.' of ' }}{{ $line->of }}</span>
                @if($line->remark !== '')<small>{{ $line->remark }}</small>@endif</span>
    @if($mayWrite)
    <span class="keys">@foreach(\NorthLedger\Core\Features\Receiving\CountedState::cases() as $index => $state)<button
                id="{{ $line->key }}-{{ $index + 1 }}" name="state" value="{{ $state->value }}" data-key="{{ $index + 1 }}"
                aria-pressed="{{ $line->state === $state->value ? 'true' : 'false' }}" @if($index === 0) data-default @endif tabindex="-1">
                {{ Labels::code($state) }}
            </button>@endforeach</span>
    <span class="more"><label>came
            <input
                class="num" id="count-{{ $line->key }}" name="count" value="{{ $line->count }}" inputmode="numeric" maxlength="3"
                size="3"></label><label class="grow">remark
            <input id="remark-{{ $line->key }}" name="remark" value="{{ $line->remark }}" maxlength="200" autocomplete="off"></label></span>
    <x-live-error :id="'part-'.$line->key" />
    @else
    <span class="keys">{{ $line->state === '' ? 'not counted' : $line->state }}</span>    @endif
</form>
@if($mayWrite)<x-photo-form :job="$file->job" :subject="'part.'.$line->key" stage="receive" :id="'part-'.$line->key" />@endif
</li>
@endforeach
</ul>
@endforeach
@if($mayWrite)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/receive/parts" id="other-part" class="inline-fields" data-keep
        data-words="a part that no list has">
        @csrf
        <x-ulid />
        <div class="field grow">
            <label for="other-words">A part that no list has</label>
            <input id="other-words" name="words" maxlength="60" autocomplete="off" placeholder="filter housing, fuel pipe">
        </div>
        <div class="field">
            <label for="other-count">How many</label>
            <input id="other-count" name="count" class="num" size="4" maxlength="3" inputmode="numeric">
        </div>
        <button class="button plain" name="state" value="missing">It is missing</button>
        <button class="button plain" name="state" value="present">It came</button>
        <button class="button plain" name="state" value="damaged">It is damaged</button>
        <x-live-error id="other-part" />
        <x-field-error name="part" />
    </form>
    <p class="soft text-sm">
        Arrows go from row to row; <kbd>1</kbd> present, <kbd>2</kbd> missing, <kbd>3</kbd> damaged, <kbd>4</kbd> not ours. Count and remark
        open under the row you are at.
    </p>
@endif
