<details class="concession"><summary>The customer lives with it</summary>
<form method="post" action="/jobs/{{ $file->job->tag() }}/judge/concessions" id="concede-{{ md5($key) }}" class="fields" data-plain-form>@csrf <x-ulid /><input type="hidden" name="finding" value="{{ $key }}">
    <p class="error" data-form-error role="alert" hidden></p>
    <div class="field"><label for="worst-{{ md5($key) }}">The worst that can come of it</label><input id="worst-{{ md5($key) }}" name="worst" maxlength="200" required autocomplete="off"></div>
    <div class="field"><label for="by-{{ md5($key) }}">Accepted by</label><input id="by-{{ md5($key) }}" name="accepted_by" maxlength="120" required autocomplete="off"></div>
    <div><button class="button plain" aria-label="Write down the concession: {{ $words }}">Write it down</button></div>
</form></details>
