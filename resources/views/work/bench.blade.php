@if($view->card !== null && $view->current !== null)
<p class="bench-head">
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/work?at={{ urlencode($view->current->key) }}">Back to the order</a>
    <b>{{ $view->current->name }}</b> @if($view->current->goal !== '')<span class="num goal">{{ $view->current->goal }}</span>@endif
    <span class="soft">{{ $view->current->hint }}</span>
</p>
@foreach($view->current->stops as $stop)<p class="line out"><i aria-hidden="true">▲</i> {{ $stop }}</p>@endforeach
@include($view->card->view(), ['card' => $view->card, 'key' => $view->current->key, 'at' => '/jobs/'.$file->job->tag().'/work'])
@endif
