@php($current = $view->current)
@if($current !== null && $mayWrite)
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/work" id="entry-operation" class="entry-line work-line" data-keep data-entry
    data-words="{{ $current->name }}">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $current->key }}"><input type="hidden" name="at" value="">
    @if($current->isClosed)
        <input type="hidden" name="state" value="open again">
        <label for="entry-remark">{{ $current->name }}</label>
        <span class="hint">It is closed. Why is it open again?</span>
        <input id="entry-remark" class="remark" name="remark" maxlength="200" autocomplete="off" autofocus>
        <button class="button plain">Open it again</button>
    @else
        <label for="entry-value">{{ $current->name }}@if($current->goal !== '') <b class="num goal">{{ $current->goal }}</b>@endif</label>
        <span class="hint">{{ $current->hint }}</span>
        @if($current->takesASize)<input
                id="entry-value" class="num value" name="actual" value="{{ old('operation') === $current->key ? old('actual') : '' }}"
                maxlength="40" autocomplete="off" inputmode="decimal" placeholder="is" aria-label="Size it has now: {{ $current->name }}"
                autofocus>@endif
        <input
            @if(! $current->takesASize) id="entry-value" autofocus @endif class="remark" name="remark"
            value="{{ old('operation') === $current->key ? old('remark') : '' }}" maxlength="200" autocomplete="off" placeholder="remark"
            aria-label="Remark on {{ $current->name }}">
        <button class="button" name="state" value="done">Done</button>
        @if($current->canBeLeftOut)
            <button class="button plain" name="state" value="not needed" @if($current->takesASize) data-hotkey="n" @endif>
                Not needed @if($current->takesASize)<kbd>n</kbd>@endif
            </button>
        @endif
    @endif
    @php($finished = $current->finished())
    @if($finished !== '')<a
            class="button plain" href="/jobs/{{ $file->job->tag() }}/{{ $finished }}">{{ __('verify.read_finished') }}</a>@endif
    @if($current->card !== '')<a
            class="button plain"
            href="/jobs/{{ $file->job->tag() }}/work/at/{{ rawurlencode($current->key) }}">{{ $current->card }}</a>@endif
    <x-live-error id="entry-operation" />
    <x-field-error :name="$current->key" />
</form>
@endif
