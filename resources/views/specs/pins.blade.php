@php($pinned = \App\SpecBook\PinnedFaces::of($page->sheet, $page->document, $part))
<p class="soft">Choose a place, then click where it is; or move it with the arrow keys.@if($part === 'stamped') Front on the left, intake side at the top.@endif</p>
@foreach($pinned->faces as $one)
@if($one['pins'] === [] && ($loop->first || $pinned->faces[$loop->index - 1]['pins'] !== []))<details><summary>The other faces</summary>@endif
<figure><svg viewBox="0 0 1000 {{ $one['face']->height }}" class="pinned" data-pinned="{{ $one['face']->face->value }}" data-list="/{{ $part }}" role="group" aria-label="{{ ucfirst($one['face']->face->value) }}">@foreach($one['face']->pieces as $piece)<{{ $piece->tag }}@foreach($piece->attributes as $name => $value) {{ $name }}="{{ $value }}"@endforeach class="{{ $piece->class }}">{{ $piece->text }}</{{ $piece->tag }}>@endforeach @foreach($one['pins'] as $pin)<g class="pin" tabindex="0" role="button" data-pin="{{ $pin['row'] }}" transform="translate({{ $pin['x'] }},{{ $pin['y'] }})" aria-label="Place {{ $pin['row'] + 1 }}: {{ $pin['words'] }}"><title>{{ $pin['words'] }}</title><circle r="64" class="thumb"/><circle r="36"/><text y="11">{{ $pin['row'] + 1 }}</text></g>@endforeach</svg><figcaption class="soft">{{ ucfirst($one['face']->face->value) }}</figcaption></figure>
@if($loop->last && $one['pins'] === [])</details>@endif
@endforeach
