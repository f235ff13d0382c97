@if($run->isWaiting)
<form method="post" action="/jobs/{{ $file->job->tag() }}/practice/clock">@csrf
    <button class="button">{{ __('practice.engine.clock') }}</button>
</form>
@endif
@php($line = \App\WholeEngines\WhatIsSeen::at($file, $run->id))
@if($line !== '')<p class="shows"><b>{{ __('practice.engine.what_shows') }}:</b> {{ $line }}</p>@endif
