<nav aria-label="Cylinders" class="face-tabs" data-cylinder-tabs>
    @foreach($page->cylinders as $one)<a
            href="/jobs/{{ $file->job->tag() }}/bores/{{ $one }}" data-cylinder="{{ $one }}" @if($one === $page->cylinder)
            aria-current="page" @endif>{{ $one }}</a>@endforeach
<a href="/jobs/{{ $file->job->tag() }}/measure" data-to-sheet>all bores</a></nav>
<span class="soft"><kbd>[</kbd> <kbd>]</kbd> other cylinder, <kbd>v</kbd> all bores; a digit, while the drawing is chosen</span>
