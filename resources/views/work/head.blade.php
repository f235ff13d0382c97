@if(! $view->hasOrder())
    <p class="note mt-4">
        {{ $view->isReplaced()
            ? 'What is scrapped is replaced. Receive the new part as a job of its own.'
            : 'The order follows from the plan.' }}
        <a href="plan">Go to the plan</a>
    </p>
@else
@if($view->stops() !== [])
<section class="stopped" aria-label="Stopped">
    <h2>Stopped</h2>
    <ul>
        @foreach($view->stops() as $stop)
            <li class="line out"><i aria-hidden="true">▲</i> {{ $stop }}<span class="rule-id">VER-6</span></li>
        @endforeach
    </ul>
    <p>@can('see-prices')<a class="button" href="plan">Go to the plan</a>@endcan <a class="button plain" href="cracks">Crack map</a></p>
</section>
@elseif($view->differences() !== [])
<section class="differs no-print" aria-label="The order would be different today">
    <h2>Made today, the order would be different</h2>
    <ul>
        @foreach($view->differences() as $difference)
            <li class="line close"><i aria-hidden="true">◆</i> {{ $difference }}</li>
        @endforeach
    </ul>
    @can('choose-plan')
        @if(! $file->job->is_closed)
            <form method="post" action="/jobs/{{ $file->job->tag() }}/work/orders">
                @csrf
                <x-ulid />
                <button class="button plain">Make a new revision</button>
                <x-field-error name="order" />
            </form>
        @endif
    @endcan
</section>
@endif
<p class="agreed no-print"><b>{{ $view->agreed() }}</b> <span class="soft">{{ $view->revision() }}</span></p>
@if($file->sheet->torques !== [] || $file->sheet->buildNotes !== '' || $view->ringGaps() !== [])
<details class="my-2" id="work-notes">
    <summary>Torques, ring gaps and notes of the sheet</summary>
    <ul>
        @foreach($view->ringGaps() as $gap)<li class="line">{{ $gap }}</li>@endforeach
        @foreach($file->sheet->torques as $one)<li class="line"><b>{{ ucfirst($one->fastener) }}</b>: {{ $one->torque }}</li>@endforeach
        @if($file->sheet->buildNotes !== '')<li class="line">{{ $file->sheet->buildNotes }}</li>@endif
    </ul>
</details>
@endif
@endif
