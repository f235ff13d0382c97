@if($toState !== '')<span class="warn font-bold">◆ {{ $toState }} <kbd>z</kbd></span>@endif
@include('parts.setup')
