@props(['stamp'])
<div class="stamp {{ $stamp->kind }}">
    @if($stamp->sign() !== '')<b aria-hidden="true">{{ $stamp->sign() }}</b>@endif{{ $stamp->headline }}<small>{{ $stamp->clause }}</small>
</div>
