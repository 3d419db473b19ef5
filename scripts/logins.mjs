import { newPassword } from './database-folder.mjs';

/**
 * The logins and a database for them: the owner migrates and is no superuser, the server's own is bound by row-level security, and the doors
 * are a role that nobody can sign in as.
 */
export function ensureDatabase(cluster, name) {
  demoteOldOwner(cluster);
  const { tropaeum_owner: owner, tropaeum_app: app } = cluster.known();
  const made = new Set(cluster.sql('postgres', 'select rolname from pg_roles').split('\n'));
  const wanted = {
    tropaeum_owner: `create role tropaeum_owner login password '${owner}'`,
    tropaeum_app: `create role tropaeum_app login password '${app}'`,
    tropaeum_doors: 'create role tropaeum_doors nologin',
  };
  for (const [role, create] of Object.entries(wanted)) if (!made.has(role)) cluster.sql('postgres', create);
  if (!made.has('tropaeum_doors')) cluster.sql('postgres', 'grant tropaeum_doors to tropaeum_owner');
  if (cluster.sql('postgres', `select 1 from pg_database where datname = '${name}'`) !== '1')
    cluster.sql('postgres', `create database ${name} owner tropaeum_owner`);
  handOver(cluster, name);
}

/** Clusters of before were made by the owner itself, a superuser: it becomes the administrator, and the owner a login like others. */
function demoteOldOwner(cluster) {
  const passwords = cluster.known();
  if (passwords.tropaeum_admin) return;
  const old = passwords.tropaeum_owner;
  if (!signsIn(cluster, 'tropaeum_admin', old)) {
    // Nobody renames the role it is signed in as: a helper does.
    const helper = `create role tropaeum_helper superuser login password '${old}'`;
    cluster.psql(cluster.url('tropaeum_owner', 'postgres'), ['drop role if exists tropaeum_helper', helper]);
    cluster.psql(cluster.url('tropaeum_helper', 'postgres', old), [
      'alter role tropaeum_owner rename to tropaeum_admin',
    ]);
  }
  cluster.psql(cluster.url('tropaeum_admin', 'postgres', old), ['drop role if exists tropaeum_helper']);
  cluster.keepPasswords({ ...passwords, tropaeum_admin: old, tropaeum_owner: newPassword() });
}

function signsIn(cluster, user, password) {
  try {
    return cluster.psql(cluster.url(user, 'postgres', password), ['select 1']) === '1';
  } catch {
    return false;
  }
}

/** What the administrator owns of a database of ours becomes the owner's. */
function handOver(cluster, name) {
  cluster.sql('postgres', `alter database ${name} owner to tropaeum_owner`);
  cluster.sql(
    name,
    `do $$
     declare what record;
     begin
       for what in
         select format('table %I.%I', schemaname, tablename) as words from pg_tables
         where schemaname in ('public', 'drizzle') and tableowner = 'tropaeum_admin'
         union all
         select format('function %s', p.oid::regprocedure)
         from pg_proc p join pg_namespace n on n.oid = p.pronamespace
         where n.nspname = 'public' and pg_get_userbyid(p.proowner) = 'tropaeum_admin'
           and not exists (select 1 from pg_depend d where d.objid = p.oid and d.deptype = 'e')
         union all
         select format('schema %I', nspname) from pg_namespace
         where nspname = 'drizzle' and pg_get_userbyid(nspowner) = 'tropaeum_admin'
       loop
         execute format('alter %s owner to tropaeum_owner', what.words);
       end loop;
     end $$`,
  );
}
