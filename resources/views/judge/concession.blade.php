@php([$id, $was] = [md5($key), old('finding') === $key])
<details class="concession" @if($was) open @endif><summary>Customer accepts as is</summary>
<form method="post" action="/jobs/{{ $file->job->tag() }}/judge/concessions" class="fields">
    @csrf
    <x-ulid />
    <input type="hidden" name="finding" value="{{ $key }}">
    <div class="field">
        <label for="worst-{{ $id }}">The worst that can come of it</label>
        <input id="worst-{{ $id }}" name="worst" maxlength="200" required autocomplete="off" value="{{ $was ? old('worst') : '' }}">
        @if($was)<x-field-error name="worst" />@endif
    </div>
    <div class="field">
        <label for="by-{{ $id }}">Accepted by</label>
        <input
            id="by-{{ $id }}" name="accepted_by" maxlength="120" required autocomplete="off" value="{{ $was ? old('accepted_by') : '' }}">
        @if($was)<x-field-error name="accepted_by" />@endif
    </div>
    <x-signature :id="'sign-'.$id" :shows="$was" />@if($was)<x-field-error name="finding" />@endif
    <div><button class="button plain" aria-label="Sign the concession: {{ $words }}">Sign it</button></div>
</form></details>
