<x-stamp :stamp="$view->stamp" />
@if($view->findings !== [])
<h2>Findings</h2>
<ul>
    @foreach($view->findings as $finding)
        <li class="line out">{{ $finding['text'] }}<span class="rule-id">{{ $finding['rule'] }}</span></li>
    @endforeach
</ul>
@endif
@if($view->earlier !== [])
<h2>Seen before</h2>
@include('receive.seen', ['earlier' => $view->earlier])
@endif
<h2>Tag</h2>
<p class="flex flex-wrap gap-2">
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/tag">One label</a>
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/tag?print=sheet">Sheet of 8</a>
</p>
<h2>Next</h2>
<p class="line next">Strip it, wash it, and go through the pre-check.</p>
<p><a class="button" href="/jobs/{{ $file->job->tag() }}/clean">To the pre-check</a></p>
