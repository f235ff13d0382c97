@props(['stamp'])
<div class="stamp {{ $stamp->kind }}">
    <b aria-hidden="true">{{ $stamp->sign() }}</b>{{ $stamp->headline }}<small>{{ $stamp->clause }}</small>
</div>
