@if($suspects > 0)
<div class="line close my-3">
<p>
    <b>{{ $suspects === 1 ? 'One reading is suspect.' : $suspects.' readings are suspect.' }}</b> The gauge had drifted. They are shown and
    carry no verdict: set the zero anew and retake them as they are proposed, or stand by them. <span class="rule-id">GAUGE-3</span>
</p>
@if($mayWrite)
    <form
        method="post" action="/jobs/{{ $job->tag() }}/sheets/{{ $sheet->value }}/confirmations" class="field" id="confirm-form"
        data-outbox-form>
        @csrf
        <x-ulid />
        <label for="confirm-reason">Why they can be trusted</label>
        <input id="confirm-reason" name="reason" maxlength="200" autocomplete="off">
        <p class="error" data-form-error id="confirm-error" role="alert" hidden></p>
        <div class="mt-1"><button class="button plain">Stand by them</button></div>
    </form>
@endif
</div>
@endif
