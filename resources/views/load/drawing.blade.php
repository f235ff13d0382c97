<svg
    class="load-drawing" viewBox="0 0 {{ \App\Load\Drawing::WIDTH }} {{ $drawing->height() }}" role="group"
    aria-label="Machines down, days across">
    <defs>
        <pattern id="closed" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V8" class="hatch" />
        </pattern>
    </defs>
    @foreach($drawing->axis->days as $day)
    <g class="day {{ $day['isOpen'] ? '' : 'shut' }}" transform="translate({{ $day['x'] }} 26)" data-x="{{ $day['x'] }}"
        data-width="{{ $day['width'] }}" data-day="{{ $day['from']->format('Y-m-d\TH:i') }}"
        data-to="{{ $day['to']->format('Y-m-d\TH:i') }}">
        @unless($day['isOpen'])<rect width="{{ $day['width'] }}" height="{{ $drawing->columnHeight() }}" />@endunless
        <path d="M0 0v{{ $drawing->columnHeight() }}" /><text x="5" y="-8">{{ $day['label'] }}</text>
    </g>
    @endforeach
    @foreach($drawing->rows as $row)
    <g data-row="{{ $row->unit }}" transform="translate(0 {{ $row->y }})">
        <text y="24" class="machine">{{ $row->name }}</text>
        <text y="42" class="below">{{ $row->below }}</text>
        <path class="rule" d="M0 62H{{ \App\Load\Drawing::WIDTH }}" />
        @foreach($row->closed as $closed)
        <g class="closed" transform="translate({{ $closed['x'] }} 3)"><title>{{ $closed['why'] }}</title>
            <rect width="{{ $closed['width'] }}" height="56" />
            @if($closed['isWritten'])<text x="6" y="12">✕ {{ $closed['why'] }}</text>@endif
        </g>
        @endforeach
        @foreach($row->waits as $wait)
        <g class="wait"><title>{{ $wait['text'] }}</title><path d="M{{ $wait['x'] }} 36H{{ $wait['to'] }}" />
            @if($wait['textX'] !== null)<text x="{{ $wait['textX'] }}" y="28">◆ {{ $wait['text'] }}</text>@endif
        </g>
        @endforeach
        @foreach($row->bars as $bar)
        <a href="{{ $bar->address }}" class="bar {{ $bar->state->value }} @if($bar->isPinned) pinned @endif" aria-label="{{ $bar->title }}"
            data-bar="{{ $bar->code }}" data-x="{{ $bar->x }}" data-starts="{{ $bar->starts }}" data-mark="{{ $bar->mark }}"
            data-pinned="{{ $bar->isPinned ? '1' : '' }}" data-moves="{{ $bar->canMove ? '1' : '' }}">
            <title>{{ $bar->title }}</title>
            <g transform="translate({{ $bar->x }} 7)">
                <rect width="{{ $bar->width }}" height="48" rx="3" />
                @if($bar->number !== '')<text x="6" y="19" class="number">{{ $bar->number }}</text>@endif
                @if($bar->work !== '')<text x="6" y="37" class="work">{{ $bar->work }}</text>@endif
                <g transform="translate({{ $bar->middle }} 0)">
                    @if($bar->upright !== '')<text
                            transform="translate(4 28) rotate(-90)" class="number middle">{{ $bar->upright }}</text>@endif
                    @if($bar->sign !== '')<text y="10" class="sign middle">{{ $bar->sign }}</text>@endif
                </g>
                @if($bar->isPinned)<path class="pin" transform="translate({{ $bar->width }} 0)" d="M-6 -4v12m-4 -12h8v5h-8z" />@endif
            </g>
        </a>
        @endforeach
    </g>
    @endforeach
    @if($drawing->nowX !== null)
    <g class="now" transform="translate({{ $drawing->nowX }} 24)">
        <path d="M0 0v{{ $drawing->columnHeight() }}" />
        <text x="4" y="14">{{ now()->format('G:i') }}</text>
    </g>
    @endif
</svg>
