<li class="{{ $line->state->value }}">
    <p><span class="num">{{ $line->when }}</span> <a href="{{ $line->address }}"><b class="tag">{{ $line->tag }}</b> {{ $line->work }}</a>
        <b>{{ $line->state->sign() }} {{ $line->says }}</b></p>
    <p class="soft">{{ $line->engine }} · {{ $line->minutes }}@if($line->waits !== '') · waits for {{ $line->waits }}@endif</p>
    @if($mayPin && $line->state !== \App\Load\BarState::Running)
    <details><summary>{{ $line->isPinned ? 'Pinned' : 'Pin' }}</summary>
        <form method="post" action="/load/pins" class="inline-fields">@csrf<x-ulid />
            <input type="hidden" name="form" value="list">
            <input type="hidden" name="zoom" value="{{ $view->zoom->value }}">
            <input type="hidden" name="operation" value="{{ $line->code }}">
            <input type="hidden" name="mark" value="{{ $line->mark }}">
            @if($line->isPinned)
            <button class="button plain" aria-label="Unpin {{ $line->tag }} {{ $line->work }}">Unpin</button>
            @else
            <div class="field">
                <input
                    type="datetime-local" name="starts" value="{{ $line->starts }}"
                    aria-label="Start of {{ $line->tag }} {{ $line->work }}">
            </div>
            <button class="button plain" aria-label="Pin {{ $line->tag }} {{ $line->work }}">Pin</button>
            @endif
        </form>
    </details>
    @endif
</li>
