<figure>
<svg
    viewBox="0 0 1000 {{ $face['face']->height }}" class="pinned" data-pinned="{{ $face['face']->face->value }}" data-list="/{{ $part }}"
    role="group" aria-label="{{ ucfirst($face['face']->face->value) }}">
    @foreach($face['face']->pieces as $piece)<{{ $piece->tag }}@foreach($piece->attributes as $name => $value)
            {{ $name }}="{{ $value }}"@endforeach class="{{ $piece->class }}">{{ $piece->text }}</{{ $piece->tag }}>@endforeach
    @foreach($face['pins'] as $pin)
    <g
        class="pin" tabindex="0" role="button" data-pin="{{ $pin['row'] }}" transform="translate({{ $pin['x'] }},{{ $pin['y'] }})"
        aria-label="{{ $pin['number'] }}: {{ $pin['words'] }}">
        <circle r="64" class="thumb"/><circle r="36"/><text y="11">{{ $pin['number'] }}</text>
    </g>
    @endforeach
</svg>
<figcaption class="soft">{{ ucfirst($face['face']->face->value) }}</figcaption>
</figure>
