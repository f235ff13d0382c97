@props(['id'])
<p class="error" id="error-{{ $id }}" data-form-error role="alert" hidden></p>
