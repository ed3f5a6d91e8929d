# A shop that is open to the devices of its network: its names, its pass-phrase, its certificate. Read by ./ektype.

addresses() { hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' || true; }

# The name under which other devices find this machine: as asked, by the name service of the network, or by its number.
network_name() {
  if [ -n "$NAME" ]; then printf '%s' "$NAME"
  elif pgrep -x avahi-daemon >/dev/null 2>&1; then printf '%s.local' "$(hostname -s)"
  else addresses | head -n 1; fi
}

# Some words that are easily called across a room.
new_passphrase() {
  local words=(amber anchor apron baker barge basil beacon birch bobbin bramble brine canvas cedar chalk cinder clover copper cotton drift ember fennel ferry flint garnet ginger harbour hazel indigo ivory juniper kelp lantern lemon linen madder maple meadow mortar nettle oakum ochre olive orchard pebble pepper pewter plum quarry quill raven ribbon russet saffron sage sorrel spindle straw sumac tallow tamarind thistle umber velvet walnut willow woad yarrow)
  local i phrase=""
  for i in 1 2 3 4 5; do phrase="$phrase ${words[$(($(od -An -N4 -tu4 /dev/urandom | tr -d ' ') % ${#words[@]}))]}"; done
  printf '%s' "${phrase# }"
}

# Pass-phrase and certificate, in a folder that only this user reads.
lay_out_network() {
  local here="$EKTYPE_DATA/network" name=$1 names ip
  mkdir -p "$here" && chmod 700 "$here"
  [ -s "$here/passphrase" ] || (umask 077; new_passphrase >"$here/passphrase")
  [ "$(tr -cd '[:alpha:]' <"$here/passphrase" | wc -m)" -ge 12 ] || stop_with "The pass-phrase in $here/passphrase is too short to keep anybody out. Write at least 12 letters there, some words, or remove the file: then a new one is made."
  names="DNS:localhost,DNS:$(hostname),IP:127.0.0.1"
  if [[ $name =~ ^[0-9.]+$ ]]; then :; else names="$names,DNS:$name"; fi
  for ip in $(addresses); do names="$names,IP:$ip"; done
  # Made on the spot; made anew when the machine is called otherwise, or a month before it ends.
  if [ "$(cat "$here/names" 2>/dev/null || true)" != "$names" ] || ! openssl x509 -in "$here/certificate.pem" -noout -checkend 2592000 >/dev/null 2>&1; then
    (umask 077; openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 820 -subj "/CN=Ektype at ${name:-this machine}" \
      -addext "subjectAltName=$names" -keyout "$here/key.pem" -out "$here/certificate.pem") >"$here/openssl.log" 2>&1 ||
      stop_with "No certificate could be made; $here/openssl.log tells why."
    printf '%s' "$names" >"$here/names"
  fi
}

network_is_there() {
  [ -n "$(addresses)" ] || stop_with "This machine has no address in a network, so no other device could find the shop. Join a network first, or open it for this machine alone: ./ektype start"
}

serve_network() {
  local here="$EKTYPE_DATA/network" name ip; name=$(network_name)
  lay_out_network "$name"
  own_shop
  export EKTYPE_DOOR="$here" EKTYPE_ADDRESS="https://${name:-localhost}:$PORT"
  EKTYPE_HOSTS="${EKTYPE_HOSTS:+$EKTYPE_HOSTS,}$(hostname)${name:+,$name}$(addresses | sed 's/^/,/' | tr -d '\n')"; export EKTYPE_HOSTS
  serve localhost 127.0.0.1 ${EKTYPE_HOSTS//,/ }
  say "Ektype is open at $EKTYPE_ADDRESS   (Ctrl+C closes it)"
  for ip in $(addresses); do [ "https://$ip:$PORT" = "$EKTYPE_ADDRESS" ] || say "          also at https://$ip:$PORT"; done
  say "Pass-phrase, asked once on each device: $(<"$here/passphrase")"
  say "Whoever is in this network and knows these words can see and change everything in the shop; whoever does not, nothing."
  say "A browser warns once that it does not know the certificate: it was made on this machine. Its fingerprint:"
  say "  $(openssl x509 -in "$here/certificate.pem" -noout -fingerprint -sha256 | cut -d= -f2)"
}
