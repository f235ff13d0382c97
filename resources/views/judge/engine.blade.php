<svg
    viewBox="0 0 {{ \App\Drawings\EngineDrawing::WIDTH }} 232" class="engine-drawing" role="group"
    aria-label="{{ __('drawing.engine') }}
        @foreach($drawing->labels as $label){{ $label['name'] }}: {{ $label['word'] }}. @endforeach">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    <a href="#part-head" aria-label="Head"><rect
            x="40" y="10" width="620" height="30" class="rod-part {{ $drawing->parts['head']->value }}"/></a>
    <a href="#part-block" aria-label="Block"><path
            d="M40 48H660V140L640 178H60L40 140Z" class="rod-part {{ $drawing->parts['block']->value }}"/></a>
    @foreach($drawing->bores as $bore)
    <a href="{{ $bore['goto'] }}" aria-label="Cylinder {{ $bore['number'] }}"><rect
            x="{{ $bore['x'] }}" y="48" width="{{ $bore['width'] }}" height="76" class="bore-cut {{ $bore['state']->value }}"/>
        <text class="bore-number" x="{{ $bore['middle'] }}" y="92">{{ $bore['number'] }}</text></a>
    <line
        x1="{{ $bore['middle'] }}" x2="{{ $bore['middle'] }}" y1="118" y2="{{ $bore['pin'] }}"
        class="rod-line {{ $drawing->parts['rods']->value }}"/>
    @endforeach
    <a href="#part-crankshaft" aria-label="Crankshaft"><rect
            x="24" y="194" width="652" height="14" class="rod-part {{ $drawing->parts['crankshaft']->value }}"/>
        @foreach($drawing->mains as $main)
            <rect
                x="{{ $main['x'] }}" y="186" width="{{ $main['width'] }}" height="30"
                class="rod-part {{ $drawing->parts['crankshaft']->value }}"/>
        @endforeach</a>
    @foreach($drawing->labels as $label)
    <a href="#part-{{ $label['key'] }}"><text
            x="690" y="{{ $label['y'] }}"
            class="part-label {{ $label['state']->value }}">{{ $label['state']->sign()
                ?: ($label['state'] === \App\Pages\CellState::Good ? '✓' : '○') }}
            {{ $label['name'] }}</text><text x="690" y="{{ $label['y'] }}" dy="15" class="drawing-note">{{ $label['word'] }}</text></a>
    @endforeach
</svg>
