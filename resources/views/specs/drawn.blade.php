@if($drawing === null)
<p class="note bad" role="status">
    ▲ The numbers do not name every cylinder once. Write them as they stand, front first, with a stroke between the banks: 1 3 5 7 / 2 4 6
    8.
</p>
@else
<svg viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" class="layout-drawing" role="img" aria-label="{{ $drawing->said }}">
    <line class="axis" x1="8" y1="{{ $drawing->axis }}" x2="{{ $drawing->end }}" y2="{{ $drawing->axis }}"/>
    @foreach($drawing->mains as $x)<rect class="main" x="{{ $x }}" y="{{ $drawing->mainTop }}" width="7" height="18"/>@endforeach
    @foreach($drawing->cylinders as $one)
        <circle cx="{{ $one['x'] }}" cy="{{ $one['y'] }}" r="{{ $drawing->radius }}"/>
        <text x="{{ $one['x'] }}" y="{{ $one['y'] }}" dy="7">{{ $one['number'] }}</text>@endforeach
</svg>
<p class="soft">{{ $drawing->said }}.</p>
@endif
@include('specs.follows')
