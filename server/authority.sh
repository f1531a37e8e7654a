# The household's own authority, and what it vouches for: sourced by server/phone.sh; never run.
#
# It may speak for addresses of a house and for no name at all, so that whoever got hold of its key could not pass for anybody else
# (RFC 5280, 4.2.1.10). The ranges that are nobody's in the open net: RFC 1918, RFC 4193, RFC 4291; 127/8 for this machine itself.

# write_authority FOLDER HOST: FOLDER/authority.crt, once; FOLDER/house.crt and house.key for this address, anew at each start.
write_authority() {
    local own=''
    case "$2" in
        10.* | 192.168.* | 172.1[6-9].* | 172.2[0-9].* | 172.3[01].* | 127.* | 169.254.* | [fF][dDcC]* | [fF][eE][89aAbB]*) ;;
        *:*) own="permitted;IP.7 = $2/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff" ;;
        *) own="permitted;IP.7 = $2/255.255.255.255" ;;
    esac
    cat >"$1/openssl.conf" <<CONF
[req]
distinguished_name = who
prompt = no
[who]
CN = Idle Mixer of this household
[authority]
basicConstraints = critical, CA:TRUE, pathlen:0
keyUsage = critical, keyCertSign, cRLSign
subjectKeyIdentifier = hash
nameConstraints = critical, @of_the_house
[of_the_house]
permitted;IP.0 = 10.0.0.0/255.0.0.0
permitted;IP.1 = 172.16.0.0/255.240.0.0
permitted;IP.2 = 192.168.0.0/255.255.0.0
permitted;IP.3 = 127.0.0.0/255.0.0.0
permitted;IP.4 = 169.254.0.0/255.255.0.0
permitted;IP.5 = fc00::/fe00::
permitted;IP.6 = fe80::/ffc0::
$own
permitted;DNS.0 = idle-mixer.invalid
[house]
basicConstraints = critical, CA:FALSE
keyUsage = critical, digitalSignature
extendedKeyUsage = serverAuth
subjectKeyIdentifier = hash
authorityKeyIdentifier = keyid
subjectAltName = IP:$2
CONF
    local told
    told=$(mktemp)
    if [ ! -s "$1/authority.crt" ] || ! openssl x509 -checkend 15552000 -noout -in "$1/authority.crt" >/dev/null 2>&1; then
        openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 3650 -config "$1/openssl.conf" -extensions authority \
            -keyout "$1/authority.key" -out "$1/authority.crt.half" 2>"$told" && mv "$1/authority.crt.half" "$1/authority.crt" || { cat "$told" >&2; rm -f "$told"; return 1; }
    fi
    openssl req -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -config "$1/openssl.conf" -subj "/O=Idle Mixer at $2" -keyout "$1/house.key" -out "$1/house.csr" 2>"$told" \
        && openssl x509 -req -in "$1/house.csr" -CA "$1/authority.crt" -CAkey "$1/authority.key" -CAcreateserial -days 397 -extfile "$1/openssl.conf" -extensions house -out "$1/house.crt.half" 2>"$told" \
        && cat "$1/authority.crt" >>"$1/house.crt.half" && mv "$1/house.crt.half" "$1/house.crt" || { cat "$told" >&2; rm -f "$told"; return 1; }
    rm -f "$told" "$1/house.csr"
}
