@use('App\Words\Labels')
<div
    class="crack-map" id="crack-map" data-map data-height="{{ $view->drawn->height }}" tabindex="0" role="application"
    aria-label="Map of the {{ Labels::code($view->face) }}: arrows move, Enter puts a point,
        1 to {{ count(\NorthLedger\Core\Features\Cracks\Look::FIRST) }} say how it looks">
<svg viewBox="0 0 1000 {{ $view->drawn->height }}" aria-hidden="true">
    @foreach($view->drawn->pieces as $piece)<{{ $piece->tag }}@foreach($piece->attributes as $name => $value)
            {{ $name }}="{{ $value }}"@endforeach
        class="{{ $piece->class }}"@if($piece->zone !== null) data-zone="{{ $piece->zone->value }}"
        data-words="{{ Labels::code($piece->zone) }}"@endif
        @if($piece->cylinder !== null) data-cylinder="{{ $piece->cylinder }}"@endif>{{ $piece->text }}</{{ $piece->tag }}>@endforeach
    @foreach($view->pins as $pin)
        <g
            class="pin {{ $pin->wasLookedAt ? 'looked' : '' }}" data-pin="{{ $pin->number }}" data-x="{{ $pin->x }}" data-y="{{ $pin->y }}"
            transform="translate({{ $pin->x }},{{ $pin->y }})">
            <title>{{ $pin->number }} {{ $pin->words }}{{ $pin->wasLookedAt ? ', looked at' : ', not looked at' }}</title>
            <circle r="15"/>
            <text y="6">{{ $pin->wasLookedAt ? '✓' : $pin->number }}</text>
        </g>
    @endforeach
    @foreach($view->marks as $mark)
        <g class="mark-on-map {{ $mark->state }} {{ $mark->dash }}">
            <title>{{ $mark->words }}</title>
            @if($mark->isSpot)<circle cx="{{ $mark->x }}" cy="{{ $mark->y }}" r="9"/>@else<polyline points="{{ $mark->points }}"/>@endif
            <g class="mark-flag" transform="translate({{ $mark->x }},{{ $mark->y }})">
                <path d="M0 0V-34h30v20H0"/>
                <text x="15" y="-19">{{ $mark->number }}</text>
            </g>
        </g>
    @endforeach
    <polyline class="draft" data-draft points=""/>
    <g class="crosshair" data-crosshair><path d="M-26 0H-6M6 0H26M0 -26V-6M0 6V26"/><circle r="6"/></g>
</svg>
</div>
@if($view->pins !== [])
<ul class="pins" aria-label="Crack-prone places of this face">
@foreach($view->pins as $pin)
<li>
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/cracks/places" id="place-{{ $pin->number }}" data-keep
        data-words="place {{ $pin->number }} looked at">
        @csrf
        <x-ulid />
        <input type="hidden" name="face" value="{{ $view->face->value }}">
        <input type="hidden" name="number" value="{{ $pin->number }}">
        <button
            name="looked" value="{{ $pin->wasLookedAt ? '0' : '1' }}" data-place-button="{{ $pin->number }}"
            id="place-button-{{ $pin->number }}" aria-pressed="{{ $pin->wasLookedAt ? 'true' : 'false' }}" @disabled(! $mayWrite)>
            <b>{{ $pin->wasLookedAt ? '✓' : '○' }} {{ $pin->number }}</b> {{ $pin->words }}
        </button>
        <x-live-error :id="'place-'.$pin->number" />
    </form>
</li>
@endforeach
</ul>
@endif
