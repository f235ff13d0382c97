<div
    class="bore-drawings" data-bore-drawing tabindex="0" role="group"
    aria-label="Cylinder {{ $page->cylinder }}: from the deck, its wall unrolled, and two sections">
<figure data-centre>
<svg
    viewBox="-{{ \App\Drawings\BoreCentre::SIZE / 2 }} -{{ \App\Drawings\BoreCentre::SIZE / 2 }}
        {{ \App\Drawings\BoreCentre::SIZE }} {{ \App\Drawings\BoreCentre::SIZE }}"
    role="img" aria-label="The bore from the deck, wear exaggerated; the margin says the same in numbers">
    <line class="axis-line" x1="-100" x2="100"/><line class="axis-line" y1="-100" y2="100"/>
    <circle r="{{ $page->centre->asMade }}" class="as-made"/>
    @foreach($page->centre->outlines as $station => $points)<polygon points="{{ $points }}" class="wall-outline {{ $station }}"/>@endforeach
    @if($page->centre->sizes !== [])
    <circle
        class="size-at" data-size-circle cx="{{ $page->centre->sizes[$page->centre->shown]['x'] }}"
        cy="{{ $page->centre->sizes[$page->centre->shown]['y'] }}" r="{{ $page->centre->sizes[$page->centre->shown]['radius'] }}"/>
    <circle
        class="size-centre" data-size-centre cx="{{ $page->centre->sizes[$page->centre->shown]['x'] }}"
        cy="{{ $page->centre->sizes[$page->centre->shown]['y'] }}" r="3"/>
    @endif
</svg>
<figcaption>
    @foreach($page->centre->sizes as $index => $size)<button
            type="button" class="size-choice" data-size="{{ $size['key'] }}" data-x="{{ $size['x'] }}" data-y="{{ $size['y'] }}"
            data-radius="{{ $size['radius'] }}" aria-pressed="{{ $index === $page->centre->shown ? 'true' : 'false' }}">
            {{ $size['name'] }}
        </button>@endforeach
</figcaption>
</figure>
<figure>
<svg
    viewBox="0 0 {{ \App\Drawings\WallMap::WIDTH }} {{ \App\Drawings\WallMap::HEIGHT }}" role="img"
    aria-label="The wall unrolled, darker where it is worn more; the table below says the same in numbers">
    @foreach($page->wallMap->cells as $cell)
        <rect
            x="{{ $cell['x'] }}" y="{{ $cell['y'] }}" width="{{ $cell['width'] }}" height="{{ $cell['height'] }}" class="worn-shade"
            fill-opacity="{{ $cell['shade'] }}"/>
    @endforeach
    @foreach($page->wallMap->directions as $direction)<text
            class="wall-label" x="{{ $direction['x'] }}" y="16">{{ $direction['text'] }}</text>@endforeach
    @foreach($page->wallMap->stations as $station)<text
            class="wall-label left" x="2" y="{{ $station['y'] }}" dy="4">{{ $station['text'] }}</text>@endforeach
    @foreach($page->wallMap->numbers as $number)<text
            class="wall-number @if($number['isDark']) on-dark @endif" x="{{ $number['x'] }}"
            y="{{ $number['y'] }}">{{ $number['text'] }}</text>@endforeach
</svg>
<figcaption>{{ $page->wallMap->caption }}</figcaption>
</figure>
<figure>
<svg
    viewBox="0 0 {{ \App\Drawings\BoreProfile::WIDTH }} {{ \App\Drawings\BoreProfile::HEIGHT }}" role="img"
    aria-label="Sections: @foreach($page->profile->sections as $section){{ $section['name'] }} {{ $section['form'] }}; @endforeach">
    @foreach($page->profile->sections as $section)
    <g transform="translate({{ $section['x'] }},0)">
        <text class="wall-label" y="16">{{ $section['name'] }}</text>
        <path class="axis-line" d="M0 24V190"/>
        <path class="as-made-wall" d="{{ $section['made'] }}"/>
    @foreach($section['walls'] as $points)<polyline class="worn-wall" points="{{ $points }}"/>@endforeach
    @foreach($section['truth'] as $points)<polyline class="truth" points="{{ $points }}"/>@endforeach
    <text class="wall-label" y="202">{{ $section['form'] }}</text></g>
    @endforeach
</svg>
<figcaption>{{ $page->profile->caption }}</figcaption>
</figure>
</div>
