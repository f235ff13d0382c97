@php($pinned = \App\SpecBook\PinnedFaces::of($page->sheet, $page->document, $part))
<p class="soft">
    Choose a place, then click where it is; or move it with the arrow keys.@if($part === 'stamped') Front on the left, intake side at the
    top.@endif
</p>
@foreach($pinned->withPlaces as $face)@include('specs.pinned')@endforeach
@if($pinned->others !== [])
<details><summary>The other faces</summary>@foreach($pinned->others as $face)@include('specs.pinned')@endforeach</details>
@endif
