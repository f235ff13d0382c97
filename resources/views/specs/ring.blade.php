@php($ring = \App\SpecBook\NoGoRing::of($page->document))
@if($ring->pins !== [])
<p class="soft">No-go angles, 0° at the top, seen from the front: choose one, then click where it is; or turn it with the arrow keys.</p>
<svg viewBox="-110 -110 220 220" class="pinned ring" data-ring="/housings/no_go" role="group" aria-label="No-go angles of the housings">
    <circle r="70" class="face-hole"/><line x1="-100" x2="100" y1="0" y2="0" class="face-detail"/>
    @foreach($ring->pins as $pin)
    <g class="pin" tabindex="0" role="button" data-pin="{{ $pin['row'] }}"
        aria-label="{{ $pin['housing'] }}: no-go of a housing, {{ $pin['words'] }}"
        transform="rotate({{ $pin['degrees'] }}) translate(0,{{ $pin['out'] }})">
        <circle r="12" class="thumb"/><circle r="7"/><text y="4" transform="rotate({{ $pin['back'] }})">{{ $pin['housing'] }}</text>
    </g>
    @endforeach
</svg>
@endif
