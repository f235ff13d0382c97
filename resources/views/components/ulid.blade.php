{{-- A number for this one write: sent twice, it is done once. --}}
<input type="hidden" name="ulid" value="{{ \Illuminate\Support\Str::ulid() }}">
