<svg class="load-drawing" viewBox="0 0 {{ \App\Load\Drawing::WIDTH }} {{ $drawing->height + 4 }}" role="group" aria-label="Machines down, days across">
    <defs><pattern id="closed" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V8" class="hatch" /></pattern></defs>
    @foreach($drawing->axis->days as $day)
    <g class="day {{ $day['isOpen'] ? '' : 'shut' }}" data-day="{{ $day['from']->format('Y-m-d\TH:i') }}" data-x="{{ round($day['x'], 2) }}" data-width="{{ round($day['width'], 2) }}" data-to="{{ $day['to']->format('Y-m-d\TH:i') }}">
        @unless($day['isOpen'])<rect x="{{ round($day['x'], 2) }}" y="26" width="{{ round($day['width'], 2) }}" height="{{ $drawing->height - 26 }}" />@endunless
        <path d="M{{ round($day['x'], 2) }} 26V{{ $drawing->height }}" />
        @if($day['width'] >= 60)<text x="{{ round($day['x'], 2) + 6 }}" y="18">{{ $day['from']->format('D j M') }}</text>@elseif($day['isOpen'])<text x="{{ round($day['x'], 2) + 3 }}" y="18">{{ $day['from']->format('j') }}</text>@endif
    </g>
    @endforeach
    @foreach($drawing->rows as $row)
    <g data-row="{{ $row->unit }}">
        <text x="0" y="{{ $row->y + 24 }}" class="machine">{{ $row->name }}</text>
        <text x="0" y="{{ $row->y + 42 }}" class="below">{{ $row->below }}</text>
        <path class="rule" d="M0 {{ $row->y + 62 }}H{{ \App\Load\Drawing::WIDTH }}" />
        @foreach($row->closed as $closed)<g class="closed"><title>{{ $closed['why'] }}</title><rect x="{{ round($closed['x'], 2) }}" y="{{ $row->y + 3 }}" width="{{ round($closed['width'], 2) }}" height="56" />@if($closed['width'] > 90)<text x="{{ round($closed['x'], 2) + 6 }}" y="{{ $row->y + 20 }}">✕ {{ $closed['why'] }}</text>@endif</g>@endforeach
        @foreach($row->waits as $wait)<g class="wait"><title>{{ $wait['title'] }}</title><path d="M{{ round($wait['x'], 2) }} {{ $row->y + 36 }}H{{ round($wait['to'], 2) }}" />@if($wait['textX'] !== null)<text x="{{ round($wait['textX'], 2) }}" y="{{ $row->y + 28 }}">◆ {{ $wait['text'] }}</text>@endif</g>@endforeach
        @foreach($row->bars as $bar)
        <a href="{{ $bar->address }}" class="bar {{ $bar->state->value }} @if($bar->isPinned) pinned @endif" aria-label="{{ $bar->title }}" data-bar="{{ $bar->code }}" data-starts="{{ $bar->starts }}" data-mark="{{ $bar->mark }}" data-pinned="{{ $bar->isPinned ? '1' : '' }}" data-moves="{{ $bar->canMove ? '1' : '' }}">
            <title>{{ $bar->title }}</title>
            <rect x="{{ round($bar->x, 2) }}" y="{{ $bar->y }}" width="{{ round($bar->width, 2) }}" height="48" rx="3" />
            @if($bar->number !== '')<text x="{{ round($bar->x, 2) + 6 }}" y="{{ $bar->y + 19 }}" class="number">{{ $bar->number }}{{ $bar->width >= 62 && $bar->state->sign() !== '' ? ' '.$bar->state->sign() : '' }}</text>@elseif($bar->upright !== '')<text transform="translate({{ round($bar->x + $bar->width / 2, 2) + 4 }} {{ $bar->y + ($bar->state->sign() === '' ? 24 : 29) }}) rotate(-90)" class="number middle">{{ $bar->upright }}</text>@if($bar->state->sign() !== '')<text x="{{ round($bar->x + $bar->width / 2, 2) }}" y="{{ $bar->y + 11 }}" class="sign middle">{{ $bar->state->sign() }}</text>@endif @endif
            @if($bar->work !== '')<text x="{{ round($bar->x, 2) + 6 }}" y="{{ $bar->y + 37 }}" class="work">{{ $bar->work }}</text>@endif
            @if($bar->isPinned)<path class="pin" d="M{{ round($bar->x + $bar->width, 2) - 6 }} {{ $bar->y - 4 }}v12m-4 -12h8v5h-8z" />@endif
        </a>
        @endforeach
    </g>
    @endforeach
    @if($drawing->nowX !== null)<g class="now"><path d="M{{ round($drawing->nowX, 2) }} 24V{{ $drawing->height }}" /><text x="{{ round($drawing->nowX, 2) + 4 }}" y="38">{{ now()->format('G:i') }}</text></g>@endif
</svg>
