<x-stamp :stamp="$view->stamp" />
@if($view->defects !== [])
<h2>Why</h2>
<ul>@foreach($view->defects as $defect)<li class="line {{ $defect['look'] }}">{{ $defect['sentence'] }}<span
                class="rule-id">{{ $defect['rule'] }}</span></li>@endforeach</ul>
@endif
@if($view->findings !== [])
<h2>Findings</h2>
<ul>@foreach($view->findings as $finding)<li class="line close">{{ $finding }}</li>@endforeach</ul>
@endif
<h2>Next</h2>
<p class="line next">{{ $view->open === '' ? 'Check it for cracks while it is clean.' : 'Still open: '.lcfirst($view->open).'.' }}</p>
<p><a class="button {{ $view->open === '' ? '' : 'plain' }}" href="/jobs/{{ $file->job->tag() }}/cracks">To the crack checks</a></p>
<p class="soft">Wash water, caustic and solvent are waste by local codes, and those come first.</p>
