@if(count($drawing->faces) > 2)
    <div class="map-tabs" role="group" aria-label="Faces">
        @foreach($drawing->faces as $face)<button type="button" data-goto="{{ $face->points[0]['goto'] }}" data-view="{{ $face->view }}">
                {{ $face->name }}
            </button>@endforeach
    </div>
@endif
<div class="faces @if(count($drawing->faces) > 2) many @endif">
@foreach($drawing->faces as $index => $face)
<figure class="face-map" data-face data-view="{{ $face->view }}">
<svg viewBox="{{ $face->viewBox }}" role="img" aria-label="{{ $face->name }}, shaded where it is low. {{ $face->caption }}">
    <rect width="{{ \App\Drawings\FaceMap::WIDTH }}" height="{{ $face->height }}" class="face-paper"/>
    @foreach($face->shades as $shade)<path d="{{ $shade['path'] }}" class="worn-shade" fill-opacity="{{ $shade['shade'] }}"/>@endforeach
    @foreach($face->contours as $path)<path d="{{ $path }}" class="contour"/>@endforeach
    @foreach($face->trueContours as $path)<path d="{{ $path }}" class="truth"/>@endforeach
    @foreach($face->bores as $bore)
        <circle cx="{{ $bore['x'] }}" cy="{{ $bore['y'] }}" r="{{ $bore['radius'] }}" class="face-bore"/>
    @endforeach
    @foreach($face->stamps as $stamp)
        <g transform="translate({{ $stamp['at'] }})" class="face-stamp">
            <title>{{ $stamp['words'] }}</title>
            <path d="M0 0V{{ $stamp['to'] }}"/>
            <circle cy="{{ $stamp['to'] }}" r="2"/>
            <rect x="-17" y="-7" width="34" height="14"/>
            <text y="4">No.</text>
        </g>
    @endforeach
    @foreach($face->points as $point)
        <g
            transform="translate({{ $point['at'] }})" class="face-point {{ $point['state']->value }}" data-goto="{{ $point['goto'] }}"
            @if($point['pass'] !== null) data-pass="{{ $point['pass'] }}" @endif>
            <circle r="5"/>
            <text x="{{ $point['label'] }}" y="4">{{ $point['text'] }}</text>
        </g>
    @endforeach
</svg>
<figcaption><b>{{ $face->name }}.</b> {{ $face->caption }} {{ $face->shims }}
@if(count($face->passes) > 1)<label class="pass"><span>Next passes</span><input
            type="range" min="0" max="{{ count($face->passes) - 1 }}" value="0" data-face-slider
            data-passes="{{ json_encode($face->passes) }}"></label> <output class="num" data-face-said>{{ $face->passes[0] }}</output>@endif
</figcaption>
</figure>
@endforeach
</div>
