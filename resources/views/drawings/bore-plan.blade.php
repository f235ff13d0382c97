<svg
    viewBox="0 0 {{ $plan->width }} {{ $plan->height }}" role="img"
    aria-label="Plan of the bores. {{ $plan->factor }}. The table below says the same in numbers."@if(($columns ?? []) !== [])
    data-columns="{{ implode(',', $columns) }}" data-frame="{{ $frame }}"
    data-brings="{{ implode(',', array_column($plan->bores, 'cylinder')) }}"@endif>
    <defs>
        <pattern id="hatch-out" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    @foreach($plan->bores as $bore)
    <g data-bore="{{ $bore->cylinder }}" transform="translate({{ $bore->x }},{{ $bore->y }})">
        <circle r="{{ $bore->radius }}" class="as-made"/>
        @foreach($bore->sizeCircles as $radius)<circle r="{{ $radius }}" class="size-circle"/>@endforeach
        <line class="axis-line" x1="-{{ $bore->reach }}" x2="{{ $bore->reach }}"/>
        <line class="axis-line" y1="-{{ $bore->reach }}" y2="{{ $bore->reach }}"/>
        @foreach($bore->shapes as $station => $shape)
        <g class="at-{{ $station }}">
            @if($shape->inlineRadius !== null && $shape->thrustRadius !== null)
                <ellipse rx="{{ $shape->inlineRadius }}" ry="{{ $shape->thrustRadius }}" class="worn {{ $shape->state->value }}"/>
            @elseif($shape->thrustRadius !== null)
                <path d="M-12 -{{ $shape->thrustRadius }}h24M-12 {{ $shape->thrustRadius }}h24" class="worn {{ $shape->state->value }}"/>
            @elseif($shape->inlineRadius !== null)
                <path d="M-{{ $shape->inlineRadius }} -12v24M{{ $shape->inlineRadius }} -12v24" class="worn {{ $shape->state->value }}"/>
            @endif
            @if($shape->trueInline !== null && $shape->trueThrust !== null)
                <ellipse rx="{{ $shape->trueInline }}" ry="{{ $shape->trueThrust }}" class="truth"/>
            @endif
            @if($shape->whiskers !== '')<path d="{{ $shape->whiskers }}" class="whisker"/>@endif
            @if($plan->isVee)<text class="bore-caption beside" x="{{ $bore->reach }}" dx="8" dy="5">{{ $shape->caption }}</text>@else<text
                    class="bore-caption" y="{{ $bore->reach }}" dy="15">{{ $shape->caption }}</text>@endif
        </g>
        @endforeach
        <text class="bore-number" dy="6">{{ $bore->cylinder }}</text>
    </g>
    @endforeach
    <text class="drawing-note" x="2" y="14">@foreach($plan->stations as $station => $word)<tspan
                class="at-{{ $station }}">{{ ucfirst($word) }} of the bores</tspan>@endforeach</text>
    <text
        class="drawing-note" x="{{ $plan->width }}" y="14"
        text-anchor="end">{{ $plan->factor }}@if($plan->legend !== '' && $plan->factor !== '') · @endif{{ $plan->legend }}
        @if($plan->truth !== '') · {{ $plan->truth }} @endif</text>
</svg>
