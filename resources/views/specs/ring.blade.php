@php($noGos = array_values(array_filter((array) ($page->document['housings']['no_go'] ?? []), 'is_array')))
@if($noGos !== [])
<p class="soft">No-go angles, 0° at the top, seen from the front: choose one, then click where it is; or turn it with the arrow keys.</p>
<svg viewBox="-110 -110 220 220" class="pinned ring" data-ring="/housings/no_go" role="group" aria-label="No-go angles of the housings"><circle r="70" class="face-hole"/><line x1="-100" x2="100" y1="0" y2="0" class="face-detail"/>
@foreach($noGos as $row)<g class="pin" tabindex="0" role="button" data-pin="{{ $loop->index }}" transform="rotate({{ (int) ($row['degrees'] ?? 0) }}) translate(0,-{{ 70 + 9 * ((int) ($row['housing'] ?? 1) % 4) }})" aria-label="Housing {{ $row['housing'] ?? '' }}, {{ $row['words'] ?? '' }}"><title>housing {{ $row['housing'] ?? '' }}, {{ $row['words'] ?? '' }}</title><circle r="12" class="thumb"/><circle r="7"/><text y="4" transform="rotate({{ -(int) ($row['degrees'] ?? 0) }})">{{ $row['housing'] ?? '' }}</text></g>@endforeach
</svg>
@endif
