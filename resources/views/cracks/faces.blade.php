<nav class="face-tabs" aria-label="Faces of the engine">
@foreach($view->tabs as $index => $tab)<a
        href="/jobs/{{ $file->job->tag() }}/cracks{{ $tab->address }}" class="{{ $tab->state }}" @if($tab->isShown) aria-current="page"
        @endif @if(($view->tabs[$index - 1] ?? null)?->isShown) data-next-face @endif @if(($view->tabs[$index + 1] ?? null)?->isShown)
        data-previous-face @endif title="{{ $tab->words }}"><i aria-hidden="true">{{ $tab->sign }}</i>
        {{ $tab->name }}<span class="sr-only">, {{ $tab->words }}</span></a>@endforeach
</nav>
